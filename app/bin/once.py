"""Does once what WeasyPrint does many times: for pages that are much alike, as the copies of one sheet are.

What it makes is the same to the byte (`app/tests/Printing/PdfTest.php`). It knows the insides of WeasyPrint 57; with another
version it does nothing, and pages are made as before, only slower. It is for a process that ends when its documents are made:
what it keeps it never gives back, so that what is told apart by its `id` stays apart.
"""


def lighten():
    """Makes WeasyPrint quicker in this process. Whether it did."""
    import weasyprint
    if not weasyprint.__version__.startswith('57.'):
        return False
    share_styles()
    resolve_once()
    measure_once()
    draw_once()
    return True


def share_styles():
    """Elements with the same declarations and the same parent style have one computed style.

    Not those of tables and flex containers, whose styles are changed while they are built, nor those of pages.
    """
    from weasyprint import css
    from weasyprint.formatting_structure import boxes
    from weasyprint.layout import inline, page
    computed_from_cascaded = css.computed_from_cascaded
    kept = {}

    def shared(element, cascaded, parent_style, pseudo_type=None, root_style=None, base_url=None, target_collector=None):
        def own():
            return computed_from_cascaded(element, cascaded, parent_style, pseudo_type, root_style, base_url, target_collector)

        attributes = getattr(element, 'attrib', None)
        if cascaded and attributes is not None and parent_style is not None:
            # what is declared may speak of attributes; no stylesheet of ours speaks of this one
            spoken_of = tuple(sorted((name, value) for name, value in attributes.items() if name != 'aria-label'))
            key = id(parent_style), pseudo_type, element.tag, spoken_of, tuple((name, id(values)) for name, (values, _) in cascaded.items())
        elif not cascaded and getattr(parent_style, 'shared', False):
            key = id(parent_style)
        else:
            return own()
        style = kept.get(key)
        if style is None:
            style = own()
            if any(word in display for word in ('table', 'flex') for display in style['display']) or style['anchor']:
                # kept alive, so that its id stays its own
                kept[id(style), 'own'] = style
                return style
            style.shared = True
            kept[key] = style
        return style

    for module in (css, boxes, inline, page):
        if getattr(module, 'computed_from_cascaded', None) is computed_from_cascaded:
            module.computed_from_cascaded = shared


def resolve_once():
    """Lengths in percent are worked out once for each style and each size of what is around it."""
    from weasyprint.formatting_structure import boxes
    from weasyprint.layout import percent
    import sys
    resolve = percent.resolve_percentages
    names = [
        *(f'{what}_{side}' for what in ('margin', 'padding') for side in ('top', 'right', 'bottom', 'left')),
        *(f'border_{side}_width' for side in ('top', 'right', 'bottom', 'left')),
        *(f'{least}{what}' for least in ('', 'min_', 'max_') for what in ('width', 'height'))]
    kept = {}

    def resolve_percentages(box, containing_block, main_flex_direction=None):
        box = getattr(box, '_box', box)
        style = box.style
        if main_flex_direction is not None or not getattr(style, 'shared', False):
            return resolve(box, containing_block, main_flex_direction)
        if isinstance(containing_block, boxes.Box):
            around = containing_block.width, containing_block.height
        else:
            around = tuple(containing_block)
        key = id(style), around, isinstance(box, boxes.PageBox)
        sizes = kept.get(key)
        if sizes is None:
            resolve(box, around)
            kept[key] = {name: box.__dict__[name] for name in names}
        else:
            box.__dict__.update(sizes)

    radii = percent.resolve_radii_percentages
    corners = [f'border_{corner}_radius' for corner in ('top_left', 'top_right', 'bottom_right', 'bottom_left')]
    square = dict.fromkeys(corners, (0, 0))
    are_square = {}

    def resolve_radii_percentages(box):
        box = getattr(box, '_box', box)
        style = box.style
        if not getattr(style, 'shared', False):
            return radii(box)
        known = are_square.get(id(style))
        if known is None:
            known = are_square[id(style)] = all((0, 'px') in style[corner] for corner in corners)
        if known:
            box.__dict__.update(square)
        else:
            radii(box)

    for name, module in list(sys.modules.items()):
        if name.startswith('weasyprint.'):
            if getattr(module, 'resolve_percentages', None) is resolve:
                module.resolve_percentages = resolve_percentages
            if getattr(module, 'resolve_radii_percentages', None) is radii:
                module.resolve_radii_percentages = resolve_radii_percentages


def measure_once():
    """A text in a style is measured once for each width it is to fit in, and what fits in one line for all that are wider."""
    import sys
    from weasyprint.text import line_break
    split = line_break.split_first_line
    kept = {}
    lines = {}

    def split_first_line(text, style, context, max_width, justification_spacing, is_line_start=True, minimum=False):
        if not getattr(style, 'shared', False):
            return split(text, style, context, max_width, justification_spacing, is_line_start, minimum)
        whole = text, id(style), justification_spacing, is_line_start
        line = lines.get(whole)
        if line is not None and (max_width is None or line[3] + 0.01 <= max_width):
            return line
        key = whole, max_width, minimum
        result = kept.get(key)
        if result is None:
            result = kept[key] = split(text, style, context, max_width, justification_spacing, is_line_start, minimum)
            if result[2] is None and result[0].text == text and result[1] == len(text.encode()):
                lines.setdefault(whole, result)
        return result

    for name, module in list(sys.modules.items()):
        if name.startswith('weasyprint.') and getattr(module, 'split_first_line', None) is split:
            module.split_first_line = split_first_line


def draw_once():
    """Pictures that are the same are one picture; a picture that was drawn before is what was written for it then."""
    from xml.etree import ElementTree
    from weasyprint import html, images
    read, draw = html.SVGImage, images.SVGImage.draw
    # what it is drawn with may be named anew for each stream where these are used
    apart = ('<text', 'clip', 'mask', 'filter', 'marker', ' opacity=', 'url(', 'href', '<image', '<use', '<style')
    pictures = {}
    written = {}

    def picture(element, base_url, url_fetcher, context):
        tail, element.tail = element.tail, None
        try:
            source = ElementTree.tostring(element, encoding='unicode')
        finally:
            element.tail = tail
        key = source, id(context)
        if key not in pictures:
            pictures[key] = read(element, base_url, url_fetcher, context)
            pictures[key].plain = not any(word in source for word in apart)
        return pictures[key]

    def draw_picture(self, stream, concrete_width, concrete_height, image_rendering):
        if not getattr(self, 'plain', False):
            return draw(self, stream, concrete_width, concrete_height, image_rendering)
        key = (
            id(self), concrete_width, concrete_height, stream._current_color, stream._current_color_stroke,
            stream._current_alpha, stream._current_alpha_stroke)
        if key in written:
            stream.stream.extend(written[key])
            stream._current_color = stream._current_color_stroke = None
            stream._current_alpha = stream._current_alpha_stroke = None
            stream._current_font = None
        else:
            start = len(stream.stream)
            draw(self, stream, concrete_width, concrete_height, image_rendering)
            written[key] = stream.stream[start:]

    html.SVGImage = picture
    images.SVGImage.draw = draw_picture
