"""XML from files that may be broken or hostile, by defusedxml: no entities, no references to other files."""

from pathlib import Path
from xml.etree.ElementTree import Element, ParseError

from defusedxml.common import DefusedXmlException
from defusedxml.ElementTree import fromstring

from umbrite.files.file_errors import READER_ERRORS, FileError, shown_name


def read_xml(path: Path, data: bytes, *, what: str) -> Element:
    """The root element. Raises FileError: for a damaged file, whose content is called `what`, or one that declares entities."""
    try:
        root: Element = fromstring(data, forbid_dtd=False, forbid_entities=True, forbid_external=True)
    except DefusedXmlException:
        raise FileError(
            f"{shown_name(path)} declares entities of its own, which no picture needs; it was not opened."
        ) from None
    except (ParseError, *READER_ERRORS):
        raise FileError(f"{what} is damaged. Export it again and retry.") from None
    return root
