"""What the checks notice about a document: its puppet and its takes."""

from umbrite.checking.finding_codes import Finding, gravest_first
from umbrite.checking.puppet_findings import findings
from umbrite.checking.take_findings import take_findings
from umbrite.rig.document import Document


def document_findings(document: Document) -> list[Finding]:
    """All of it, the gravest first."""
    return gravest_first([*findings(document.puppet), *take_findings(document.puppet, document.takes)])
