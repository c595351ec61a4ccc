"""Writes PDFs that have their structure with them: headings, lists, tables and figures with a sentence for each.

WeasyPrint 57 can mark what belongs to which element (its `pdf/ua-1`), and gives pictures no words. Here the marks are kept
as they are drawn, without one lying within another (ISO 32000-1, 14.6 and 14.7), and the tree is built once for all parts of
a paper, which are made side by side: what joins finished PDFs would lose it (ISO 14289-1, PDF/UA-1).
"""
import re
import zlib

# what an element is (ISO 32000-1, 14.8.4); what is not here is passed over, and what is in it belongs to what is around it
ROLES = {
    'section': 'Sect', 'article': 'Art', 'blockquote': 'BlockQuote', 'p': 'P', 'figcaption': 'Caption',
    'h1': 'H1', 'h2': 'H2', 'h3': 'H3', 'h4': 'H4', 'h5': 'H5', 'h6': 'H6',
    'ol': 'L', 'ul': 'L', 'dl': 'L', 'li': 'LI', 'dt': 'Lbl', 'dd': 'LBody',
    'table': 'Table', 'thead': 'THead', 'tbody': 'TBody', 'tfoot': 'TFoot', 'tr': 'TR', 'th': 'TH', 'td': 'TD',
    'svg': 'Figure', 'img': 'Figure', 'a': 'Link',
}
# what holds words only by way of something within it
HOLDERS = ('Sect', 'Art', 'L', 'Table', 'THead', 'TBody', 'TFoot', 'TR')
VARIANT = 'tagged'
# the pages, what is said about the document, the catalogue: the first three objects of every PDF of pydyf
COMMON = 3
REFERENCE = re.compile(rb'\b(\d+) 0 R\b')


def watch():
    """From here on every PDF of this process is made with its marks, under the variant of this name."""
    import pydyf
    from weasyprint import draw, pdf
    from weasyprint.pdf.stream import Stream

    def close(stream):
        """Ends the piece that is open; one in which nothing was drawn has never been."""
        if stream.began == len(stream.stream):
            del stream.stream[stream.before:]
            if stream.marks:
                stream.marked.pop()
                stream.after.pop()
            return
        if stream.marks and stream.opened[-1][0] != 'Figure' and b'BT' not in stream.stream[stream.began:]:
            # lines and grounds say nothing
            stream.marked.pop()
            stream.after.pop()
            stream.stream[stream.before:stream.began] = [b'/Artifact', b'BMC']
        pydyf.Stream.end_marked_content(stream)

    def open_again(stream, after=None):
        tag, box = stream.opened[-1]
        stream.before = len(stream.stream)
        stream.marks = tag != 'Artifact'
        if stream.marks:
            pydyf.Stream.begin_marked_content(stream, tag, pydyf.Dictionary({'MCID': len(stream.marked)}))
            stream.marked.append((tag, box))
            stream.after.append(after)
        else:
            pydyf.Stream.begin_marked_content(stream, tag)
        stream.began = len(stream.stream)

    def begin(stream, box, mcid=False, tag=None):
        # a group is a picture of its own within the page: its page marks it
        if not stream._mark or stream.extra.get('Type') == '/XObject':
            return
        if not hasattr(stream, 'opened'):
            stream.opened, stream.after = [], []
        if stream.opened:
            close(stream)
        stream.opened.append((role(box), box))
        open_again(stream)

    def end(stream):
        if not stream._mark or stream.extra.get('Type') == '/XObject':
            return
        close(stream)
        _, inner = stream.opened.pop()
        if stream.opened:
            open_again(stream, inner.element)

    replaced = draw.draw_replacedbox

    def draw_replacedbox(stream, box):
        begin(stream, box)
        try:
            replaced(stream, box)
        finally:
            end(stream)

    Stream.begin_marked_content = begin
    Stream.end_marked_content = end
    draw.draw_replacedbox = draw_replacedbox
    pdf.VARIANTS[VARIANT] = (keep, {'mark': True})


def role(box):
    """What the box is; Artifact for what says nothing: pages, margins, and what is hidden from who does not see."""
    element = box.element
    if element is None or not isinstance(element.tag, str):
        return 'Artifact'
    if element.get('aria-hidden') == 'true' and element.get('class') != 'number':
        return 'Artifact'
    if element.get('role') == 'img' or element.tag in ('svg', 'img'):
        return 'Figure' if words(element) else 'Artifact'
    # the number of a question
    if element.get('class') == 'number':
        return 'Lbl'
    return ROLES.get(element.tag, 'NonStruct')


def words(element):
    """What is said instead of seeing it."""
    return element.get('aria-label') or element.get('alt') or ''


def keep(pdf, metadata, document, page_streams):
    """Keeps for each piece of each page where it stands in the text, and which elements it lies in.

    A page is [(place, [(number, role, words, scope), ...]), ...]. What is positioned is drawn last, wherever it stands: so
    the order is that of the elements, of which each has its number.
    """
    around = {}
    document.build_element_structure(around)
    numbers = {element: number for number, element in enumerate(around)}
    chains = {}

    def chain(element):
        if element not in chains:
            above = around[element]['parent'] if element in around else None
            way = [] if above is None else chain(above)
            kind = role(Only(element))
            if way and way[-1][1] == 'Figure':
                # a picture is one thing, whatever it is made of
                chains[element] = way
            elif kind in ('NonStruct', 'Artifact'):
                chains[element] = way
            else:
                said = words(element) if kind == 'Figure' else ''
                chains[element] = [*way, (numbers.get(element, -1), kind, said, element.get('scope', ''))]
        return chains[element]

    def first(box):
        """The number of the first thing in it that is an element of its own."""
        for inner in getattr(box, 'children', ()):
            inner = getattr(inner, 'box', inner)
            number = numbers.get(inner.element, -1) if inner.element is not box.element else first(inner)
            if number >= 0:
                return number
        return -1

    pdf.marks = []
    for stream in page_streams:
        page = []
        for (_, box), after in zip(stream.marked, getattr(stream, 'after', ())):
            place = numbers.get(after, -1) + 0.5 if after is not None else max(first(box), numbers.get(box.element, -1))
            way = chain(box.element)
            if not way or way[-1][1] in HOLDERS:
                # words of their own in something that holds none: a paragraph
                way = [*way, (('p', numbers.get(box.element, -1)), 'P', '', '')]
            page.append((place, way))
        pdf.marks.append(page)
    pdf.said = metadata.title, metadata.lang


class Only:
    """An element where a box is asked for."""

    def __init__(self, element):
        self.element = element


def taken_apart(pdf):
    """A finished PDF of pydyf as bytes, to be put together with others: its objects, its pages, their marks."""
    import pydyf
    objects = []
    for one in pdf.objects[COMMON + 1:]:
        if isinstance(one, pydyf.Stream):
            content = one.data
            head, content = content.split(b'\nstream\n', 1)
            content = content[:-len(b'\nendstream')]
            if b'/Filter' not in head:
                content = zlib.compress(content)
                head = re.sub(rb'/Length \d+', b'/Filter /FlateDecode\n/Length %d' % len(content), head)
            objects.append((head, b'\nstream\n' + content + b'\nendstream'))
        else:
            objects.append((one.data, b''))
    return {'objects': objects, 'pages': [int(number) for number in pdf.pages['Kids'][::3]], 'marks': pdf.marks, 'said': pdf.said}


def put_together(parts, output):
    """Writes the parts as one tagged PDF."""
    import pydyf
    from weasyprint.document import DocumentMetadata
    from weasyprint.pdf.metadata import add_metadata

    class Written(pydyf.Object):
        def __init__(self, data):
            super().__init__()
            self.written = data

        @property
        def data(self):
            return self.written

    whole = pydyf.PDF('1.7')
    pages, marks = [], []
    for place, part in enumerate(parts):
        further = len(whole.objects) - COMMON - 1

        def moved(found, further=further):
            number = int(found.group(1))
            return b'%d 0 R' % (number if number <= COMMON else number + further)

        own = {}
        for number, (head, rest) in enumerate(part['objects'], COMMON + 1):
            head = REFERENCE.sub(moved, head)
            if number in part['pages']:
                turn = len(pages) + part['pages'].index(number)
                head = re.sub(rb'/StructParents \d+', b'/StructParents %d' % turn, head)
            own[number] = Written(head + rest)
            whole.add_object(own[number])
        for number in part['pages']:
            whole.pages['Count'] += 1
            whole.pages['Kids'].extend([own[number].number, 0, 'R'])
            pages.append(own[number].reference)
        marks.extend([(at, [((place, key), *rest) for key, *rest in way]) for at, way in page] for page in part['marks'])
    structure(whole, pages, marks)
    title, lang = parts[0]['said']
    if title:
        whole.info['Title'] = pydyf.String(title)
    whole.info['Producer'] = pydyf.String('WeasyPrint')
    whole.catalog['Lang'] = pydyf.String(lang or 'en-GB')
    whole.catalog['ViewerPreferences'] = pydyf.Dictionary({'DisplayDocTitle': 'true'})
    whole.catalog['MarkInfo'] = pydyf.Dictionary({'Marked': 'true'})
    add_metadata(whole, DocumentMetadata(title=title, lang=lang), 'ua', version=1, conformance=None)
    whole.write(output)


def structure(pdf, pages, marks):
    """The tree of what belongs where, from the pieces of each page in the order in which they are drawn."""
    import pydyf

    kids = {}

    def element(kind, parent, at, **more):
        made = pydyf.Dictionary({'Type': '/StructElem', 'S': f'/{kind}', 'P': parent.reference, 'K': pydyf.Array(), **more})
        pdf.add_object(made)
        kids[made.number] = made, []
        if parent is not root:
            kids[parent.number][1].append((at, made.reference))
        return made

    by_page = pydyf.Dictionary({'Nums': pydyf.Array()})
    pdf.add_object(by_page)
    root = pydyf.Dictionary({'Type': '/StructTreeRoot', 'ParentTree': by_page.reference, 'ParentTreeNextKey': len(pages)})
    pdf.add_object(root)
    document = element('Document', root, (0, 0))
    root['K'] = pydyf.Array([document.reference])
    pdf.catalog['StructTreeRoot'] = root.reference
    made = {}
    for turn, (page, pieces) in enumerate(zip(pages, marks)):
        parents = pydyf.Array()
        for mcid, (stands, way) in enumerate(pieces):
            at = document
            part = way[0][0][0]
            for key, kind, said, scope in way:
                if key not in made:
                    more = {}
                    if kind == 'Figure':
                        more['Alt'] = pydyf.String(said)
                    if kind == 'TH':
                        more['A'] = pydyf.Dictionary({'O': '/Table', 'Scope': '/Row' if scope == 'row' else '/Column'})
                    number = key[1][1] if isinstance(key[1], tuple) else key[1]
                    # the number of a question hangs in the margin before it
                    made[key] = element(kind, at, (part, -1 if kind == 'Lbl' else number), **more)
                at = made[key]
                if kind == 'LI':
                    # what stands in a list lies in the body of its line
                    if (key, 'body') not in made:
                        made[key, 'body'] = None
                    following = way[way.index((key, kind, said, scope)) + 1:]
                    if not following or following[0][1] not in ('Lbl', 'LBody'):
                        made[key, 'body'] = made[key, 'body'] or element('LBody', at, (part, 0))
                        at = made[key, 'body']
            kids[at.number][1].append(((part, stands), pydyf.Dictionary({'Type': '/MCR', 'Pg': page, 'MCID': mcid})))
            parents.append(at.reference)
        pdf.add_object(parents)
        by_page['Nums'].extend([turn, parents.reference])
    for one, found in kids.values():
        one['K'].extend(kid for _, kid in sorted(found, key=lambda pair: pair[0]))
