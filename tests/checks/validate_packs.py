"""Verdicts of a stock JSON Schema validator (Debian: python3-jsonschema).

Reads {"schema": path, "packs": [pack, ...]} on standard input and prints [true or false, ...].
"""
import json
import sys

import jsonschema

job = json.load(sys.stdin)
with open(job["schema"], encoding="utf-8") as file:
    schema = json.load(file)
jsonschema.Draft202012Validator.check_schema(schema)
validator = jsonschema.Draft202012Validator(schema)
json.dump([validator.is_valid(pack) for pack in job["packs"]], sys.stdout)
