"""Findings in the person's language: their sentences are put together from the table's texts and the names in the puppet."""

from umbrite.checking.finding_codes import CODES, TOGETHER, Finding
from umbrite.desk.theme.language import tr

# What stands in a sentence and is a word of ours; all else are names that people gave, and numbers.
OURS = {"lies", "why", "side", "named"}


def sentence(finding: Finding) -> str:
    """What a finding says."""
    return tr(finding.said, **_words(finding)) if finding.said else finding.text


def fix_words(finding: Finding) -> str:
    """What mending it is called."""
    fix = CODES[finding.code].fix if finding.code in CODES else None
    return tr(fix, **_words(finding)) if fix else tr("Mend")


def together(group: list[Finding]) -> str:
    """One sentence for several of one kind."""
    text, _ = TOGETHER.get(group[0].code, ("", ""))
    if text:
        return tr(text, count=len(group))
    return tr("{count} findings of one kind. The first: {first}", count=len(group), first=sentence(group[0]))


def _words(finding: Finding) -> dict[str, object]:
    return {name: tr(str(value)) if name in OURS else value for name, value in finding.words}
