"""Findings as plain values for scripts."""

from typing import Any

from umbrite.checking.finding_codes import Finding
from umbrite.rig.change import thing
from umbrite.rig.model import Puppet


def findings_report(puppet: Puppet, found: list[Finding]) -> list[dict[str, Any]]:
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
