#!/usr/bin/python3 -IB
"""Turns print pages into one PDF, part by part side by side.

Takes a line of JSON on standard input, {"base": folder, "parts": [HTML, ...]}, and gives the PDF on standard output; what it
is at goes to standard error, a line for each page as it is laid out. The PDF is tagged (`tagged.py`). It reads stylesheets below
the folder and nothing else: no other file, and nothing from elsewhere. It has no secrets to give away: whoever starts it gives it an empty environment.
"""
import gc
import json
import logging
import marshal
import os
import resource
import sys
import tempfile
import urllib.parse

# of each process: more than any paper needs
MEMORY = 1_500_000_000
SECONDS = 240


def only_ours(base):
    """A fetcher of addresses that knows the stylesheets of the print pages, and pictures that the page itself holds."""
    from weasyprint import default_url_fetcher

    def fetch(url, *rest, **more):
        if url.startswith('data:'):
            return default_url_fetcher(url, *rest, **more)
        parts = urllib.parse.urlsplit(url)
        path = os.path.realpath(urllib.parse.unquote(parts.path))
        if parts.scheme != 'file' or parts.netloc or not path.startswith(os.path.join(os.path.realpath(base), 'print') + os.sep):
            raise ValueError('Nothing is fetched from there.')
        return default_url_fetcher('file://' + urllib.parse.quote(path), *rest, **more)

    return fetch


class Pages(logging.Handler):
    """Says a line for each page that is laid out for the first time."""

    def __init__(self, to):
        super().__init__(logging.INFO)
        self.to = to
        self.last = 0

    def emit(self, record):
        words = record.getMessage().split('Creating layout - Page ')
        if len(words) == 2 and words[1].isdigit() and int(words[1]) > self.last:
            self.last = int(words[1])
            os.write(self.to, b'page\n')


def make(html, base, file, to):
    import weasyprint
    from weasyprint.logger import LOGGER, PROGRESS_LOGGER
    from weasyprint.pdf import generate_pdf
    import tagged
    LOGGER.setLevel(logging.CRITICAL)
    PROGRESS_LOGGER.setLevel(logging.INFO)
    PROGRESS_LOGGER.handlers = [Pages(to)]
    PROGRESS_LOGGER.propagate = False
    document = weasyprint.HTML(string=html, base_url='file://' + urllib.parse.quote(base.rstrip('/')) + '/', url_fetcher=only_ours(base)).render()
    made = generate_pdf(document, None, 1, None, document._optimize_size, None, tagged.VARIANT, None, False)
    with open(file, 'wb') as part:
        marshal.dump(tagged.taken_apart(made), part)


def main():
    resource.setrlimit(resource.RLIMIT_AS, (MEMORY, MEMORY))
    resource.setrlimit(resource.RLIMIT_CPU, (SECONDS, SECONDS))
    resource.setrlimit(resource.RLIMIT_CORE, (0, 0))
    wanted = json.loads(sys.stdin.buffer.readline())
    parts, base = wanted['parts'], wanted['base']
    # once for all that is forked from here
    sys.path.insert(0, os.path.dirname(os.path.realpath(__file__)))
    import once
    import tagged
    tagged.watch()
    if '--plain' not in sys.argv:
        once.lighten()
    gc.disable()
    side_by_side = max(1, min(len(parts), len(os.sched_getaffinity(0)), 4))
    with tempfile.TemporaryDirectory(prefix='paper') as folder:
        files = [os.path.join(folder, f'{i}.part') for i in range(len(parts))]
        # the longest first, so that all end at about the same time
        order = sorted(range(len(parts)), key=lambda i: -len(parts[i]))
        turns = [order[i::side_by_side] for i in range(side_by_side)]
        children = []
        for turn in turns[1:]:
            child = os.fork()
            if child == 0:
                status = 1
                try:
                    for i in turn:
                        make(parts[i], base, files[i], 2)
                    status = 0
                finally:
                    os._exit(status)
            children.append(child)
        for i in turns[0]:
            make(parts[i], base, files[i], 2)
        if any(os.waitpid(child, 0)[1] != 0 for child in children):
            sys.exit(1)
        parts = []
        for file in files:
            with open(file, 'rb') as part:
                parts.append(marshal.load(part))
        tagged.put_together(parts, sys.stdout.buffer)
    sys.stdout.flush()
    # without giving back piece by piece what goes with the process
    os._exit(0)


main()
