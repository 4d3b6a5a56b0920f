// Made from the tables of fields by core/bin/derive. Not to be edited.
import type { FormColumn, FormList } from './forms';

export const cardLists: readonly FormList[] = [
  {
    "pointer": "/sensor/placementFree",
    "form": "texts",
    "needed": false,
    "columns": [
      {
        "key": "",
        "kind": "choice",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [
          "azimuth",
          "elevation"
        ]
      }
    ]
  },
  {
    "pointer": "/target/heights",
    "form": "members",
    "needed": true,
    "columns": [
      {
        "key": "name",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "value",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": []
      }
    ]
  },
  {
    "pointer": "/rules",
    "form": "objects",
    "needed": true,
    "columns": [
      {
        "key": "operation",
        "kind": "operation",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [
          "sensor-removed",
          "sensor-replaced",
          "sensor-loosened",
          "bracket-changed",
          "bracket-straightened",
          "trouble-code",
          "complaint",
          "front-cover-removed",
          "front-cover-painted",
          "front-cover-replaced",
          "front-badge-removed",
          "grille-removed",
          "front-trim-removed",
          "radiator-support-changed",
          "rear-cover-removed",
          "rear-cover-painted",
          "rear-cover-replaced",
          "rear-trim-removed",
          "rear-panel-repaired",
          "knock-front",
          "knock-rear",
          "heavy-damage-front",
          "heavy-damage-rear",
          "wheel-alignment",
          "suspension-work",
          "ride-height-changed",
          "tow-bar-fitted",
          "windscreen-replaced",
          "battery-disconnected"
        ]
      },
      {
        "key": "state",
        "kind": "choice",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [
          "owed",
          "not-owed",
          "unknown"
        ]
      },
      {
        "key": "route",
        "kind": "choice",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [
          "static",
          "dynamic",
          "static then dynamic",
          "static or dynamic"
        ]
      },
      {
        "key": "reason",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      },
      {
        "key": "source",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      },
      {
        "key": "question",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": []
      },
      {
        "key": "yes.state",
        "kind": "choice",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [
          "owed",
          "not-owed",
          "unknown"
        ]
      },
      {
        "key": "yes.route",
        "kind": "choice",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [
          "static",
          "dynamic",
          "static then dynamic",
          "static or dynamic"
        ]
      },
      {
        "key": "yes.reason",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": []
      },
      {
        "key": "no.state",
        "kind": "choice",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [
          "owed",
          "not-owed",
          "unknown"
        ]
      },
      {
        "key": "no.route",
        "kind": "choice",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [
          "static",
          "dynamic",
          "static then dynamic",
          "static or dynamic"
        ]
      },
      {
        "key": "no.reason",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": []
      },
      {
        "key": "kinds",
        "kind": "choices",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [
          "front",
          "front-corner",
          "rear",
          "blind-spot"
        ]
      },
      {
        "key": "behind",
        "kind": "choices",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [
          "front-cover",
          "front-badge",
          "grille",
          "rear-cover",
          "open"
        ]
      },
      {
        "key": "at",
        "kind": "choice",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [
          "itself",
          "pair",
          "elsewhere"
        ]
      }
    ]
  },
  {
    "pointer": "/preparation",
    "form": "objects",
    "needed": true,
    "columns": [
      {
        "key": "id",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "question",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      },
      {
        "key": "unmet",
        "kind": "choice",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [
          "blocks",
          "warns"
        ]
      },
      {
        "key": "why",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      }
    ]
  },
  {
    "pointer": "/zone",
    "form": "pairs",
    "needed": true,
    "columns": [
      {
        "key": "0",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "1",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": []
      }
    ]
  },
  {
    "pointer": "/cautions",
    "form": "texts",
    "needed": true,
    "columns": [
      {
        "key": "",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      }
    ]
  },
  {
    "pointer": "/fits/sensors",
    "form": "texts",
    "needed": true,
    "columns": [
      {
        "key": "",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      }
    ]
  },
  {
    "pointer": "/schools",
    "form": "texts",
    "needed": false,
    "columns": [
      {
        "key": "",
        "kind": "choice",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [
          "plumb-and-line",
          "split-from-stand",
          "hub-marks",
          "squares",
          "wheel-lasers",
          "reported-pose"
        ]
      }
    ]
  },
  {
    "pointer": "/capture",
    "form": "objects",
    "needed": false,
    "columns": [
      {
        "key": "id",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "question",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      },
      {
        "key": "kind",
        "kind": "choice",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [
          "text",
          "number",
          "yes",
          "photo"
        ]
      },
      {
        "key": "unit",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "most",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "neededFor",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      },
      {
        "key": "afterRefit",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      },
      {
        "key": "when",
        "kind": "operations",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [
          "sensor-removed",
          "sensor-replaced",
          "sensor-loosened",
          "bracket-changed",
          "bracket-straightened",
          "trouble-code",
          "complaint",
          "front-cover-removed",
          "front-cover-painted",
          "front-cover-replaced",
          "front-badge-removed",
          "grille-removed",
          "front-trim-removed",
          "radiator-support-changed",
          "rear-cover-removed",
          "rear-cover-painted",
          "rear-cover-replaced",
          "rear-trim-removed",
          "rear-panel-repaired",
          "knock-front",
          "knock-rear",
          "heavy-damage-front",
          "heavy-damage-rear",
          "wheel-alignment",
          "suspension-work",
          "ride-height-changed",
          "tow-bar-fitted",
          "windscreen-replaced",
          "battery-disconnected"
        ]
      },
      {
        "key": "kinds",
        "kind": "choices",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [
          "front",
          "front-corner",
          "rear",
          "blind-spot"
        ]
      }
    ]
  },
  {
    "pointer": "/codes",
    "form": "objects",
    "needed": false,
    "columns": [
      {
        "key": "unit",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "code",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "sort",
        "kind": "choice",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [
          "blocking",
          "related",
          "expected-before",
          "unrelated"
        ]
      },
      {
        "key": "why",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      }
    ]
  },
  {
    "pointer": "/kit",
    "form": "objects",
    "needed": false,
    "columns": [
      {
        "key": "kind",
        "kind": "choice",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [
          "target",
          "stand",
          "tape",
          "rule",
          "staff",
          "laser",
          "level",
          "inclinometer",
          "film-gauge",
          "charger",
          "scan-tool"
        ]
      },
      {
        "key": "name",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "why",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      }
    ]
  },
  {
    "pointer": "/steps",
    "form": "objects",
    "needed": false,
    "columns": [
      {
        "key": "id",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "text",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      },
      {
        "key": "after",
        "kind": "words",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "seconds",
        "kind": "number",
        "unit": "s",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "does",
        "kind": "choice",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [
          "identify",
          "unlock",
          "voltage",
          "codes",
          "lot-code",
          "empty-zone",
          "start",
          "read"
        ]
      }
    ]
  },
  {
    "pointer": "/adjustment/screws",
    "form": "objects",
    "needed": false,
    "columns": [
      {
        "key": "id",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      },
      {
        "key": "y",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "z",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "pitch",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "clockwise",
        "kind": "choice",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [
          "out",
          "in"
        ]
      },
      {
        "key": "travel",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "position",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      }
    ]
  },
  {
    "pointer": "/adjustment/positions",
    "form": "objects",
    "needed": false,
    "columns": [
      {
        "key": "id",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "words",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": []
      },
      {
        "key": "pitch",
        "kind": "number",
        "unit": "°",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "yaw",
        "kind": "number",
        "unit": "°",
        "optional": false,
        "wide": false,
        "choices": []
      }
    ]
  },
  {
    "pointer": "/adjustment/order",
    "form": "texts",
    "needed": false,
    "columns": [
      {
        "key": "",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      }
    ]
  }
];

export const kitForms: Readonly<Record<'instrument' | 'stand' | 'target', { values: readonly FormColumn[]; lists: readonly FormList[] }>> = {
  "instrument": {
    "values": [
      {
        "key": "kind",
        "kind": "choice",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [
          "tape",
          "rule",
          "staff",
          "laser",
          "level",
          "inclinometer",
          "film-gauge",
          "charger",
          "scan-tool"
        ]
      },
      {
        "key": "id",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "name",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "accuracy",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "resolution",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "sScale",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "sZero",
        "kind": "number",
        "unit": "mm",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "scale",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "zero",
        "kind": "number",
        "unit": "mm",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "lastCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "nextCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "note",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": []
      }
    ],
    "lists": []
  },
  "stand": {
    "values": [
      {
        "key": "id",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "name",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "targetAhead",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "targetLeft",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "halfWidth",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "lastCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "nextCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "note",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": []
      }
    ],
    "lists": []
  },
  "target": {
    "values": [
      {
        "key": "id",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "name",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "kind",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": []
      },
      {
        "key": "phaseToPointer",
        "kind": "number",
        "unit": "mm",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "lastCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "nextCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": []
      },
      {
        "key": "note",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": []
      }
    ],
    "lists": [
      {
        "pointer": "/heights",
        "form": "members",
        "needed": true,
        "columns": [
          {
            "key": "name",
            "kind": "text",
            "unit": "",
            "optional": false,
            "wide": false,
            "choices": []
          },
          {
            "key": "value",
            "kind": "number",
            "unit": "mm",
            "optional": false,
            "wide": false,
            "choices": []
          }
        ]
      },
      {
        "pointer": "/standsInFor",
        "form": "objects",
        "needed": false,
        "columns": [
          {
            "key": "target",
            "kind": "text",
            "unit": "",
            "optional": false,
            "wide": false,
            "choices": []
          },
          {
            "key": "changes",
            "kind": "text",
            "unit": "",
            "optional": false,
            "wide": true,
            "choices": []
          }
        ]
      }
    ]
  }
};
