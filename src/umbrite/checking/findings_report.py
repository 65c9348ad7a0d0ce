"""Findings as plain values for scripts."""

from typing import TypedDict

from umbrite.checking.finding_codes import Finding
from umbrite.rig.change import thing
from umbrite.rig.model import Puppet


class FindingTold(TypedDict):
    """One finding, and the name of what it is about."""

    code: str
    severity: str
    where: str
    text: str
    fix: str | None


class CheckTold(TypedDict):
    """What the checks notice of a puppet."""

    findings: list[FindingTold]


def findings_report(puppet: Puppet, found: list[Finding]) -> list[FindingTold]:
    """The findings with the name of the thing they are about."""
    return [
        {
            "code": finding.code,
            "severity": finding.severity,
            "where": thing(puppet, finding.where).name,
            "text": finding.text,
            "fix": finding.fix,
        }
        for finding in found
    ]
