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
        ],
        "said": "choice"
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
        "choices": [],
        "said": "choice"
      },
      {
        "key": "value",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "operation"
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
        ],
        "said": "choice"
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
        ],
        "said": "route"
      },
      {
        "key": "reason",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "source",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "question",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
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
        ],
        "said": "route"
      },
      {
        "key": "yes.reason",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
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
        ],
        "said": "route"
      },
      {
        "key": "no.reason",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
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
        ],
        "said": "choice"
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
        ],
        "said": "choice"
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
        "choices": [],
        "said": "choice"
      },
      {
        "key": "question",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
      },
      {
        "key": "why",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        "choices": [],
        "said": "choice"
      },
      {
        "key": "1",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
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
        "choices": [],
        "said": "choice"
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
        "choices": [],
        "said": "choice"
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
        ],
        "said": "school"
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
        "choices": [],
        "said": "choice"
      },
      {
        "key": "question",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
      },
      {
        "key": "unit",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "most",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "neededFor",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "afterRefit",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "operation"
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
        ],
        "said": "choice"
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
        "choices": [],
        "said": "choice"
      },
      {
        "key": "code",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
      },
      {
        "key": "why",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
      },
      {
        "key": "name",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "why",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        "choices": [],
        "said": "choice"
      },
      {
        "key": "text",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "after",
        "kind": "words",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "seconds",
        "kind": "number",
        "unit": "s",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "tool"
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
        "choices": [],
        "said": "choice"
      },
      {
        "key": "y",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "z",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "pitch",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
      },
      {
        "key": "travel",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "position",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
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
        "choices": [],
        "said": "choice"
      },
      {
        "key": "words",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "pitch",
        "kind": "number",
        "unit": "°",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "yaw",
        "kind": "number",
        "unit": "°",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
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
        "choices": [],
        "said": "choice"
      }
    ]
  }
];

export const ruleLists: readonly FormList[] = [
  {
    "pointer": "/owed",
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
        ],
        "said": "operation"
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
        ],
        "said": "choice"
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
        ],
        "said": "route"
      },
      {
        "key": "reason",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "source",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "question",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
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
        ],
        "said": "route"
      },
      {
        "key": "yes.reason",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
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
        ],
        "said": "route"
      },
      {
        "key": "no.reason",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
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
        ],
        "said": "choice"
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
        ],
        "said": "choice"
      }
    ]
  },
  {
    "pointer": "/conditions",
    "form": "objects",
    "needed": true,
    "columns": [
      {
        "key": "id",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "question",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
      },
      {
        "key": "why",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
      },
      {
        "key": "source",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
      }
    ]
  },
  {
    "pointer": "/capture",
    "form": "objects",
    "needed": true,
    "columns": [
      {
        "key": "id",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "question",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
      },
      {
        "key": "unit",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "most",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "neededFor",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "afterRefit",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "operation"
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
        ],
        "said": "choice"
      }
    ]
  },
  {
    "pointer": "/codes",
    "form": "objects",
    "needed": true,
    "columns": [
      {
        "key": "unit",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "code",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
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
        ],
        "said": "choice"
      },
      {
        "key": "why",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": true,
        "choices": [],
        "said": "choice"
      }
    ]
  },
  {
    "pointer": "/phrases",
    "form": "objects",
    "needed": true,
    "columns": [
      {
        "key": "words",
        "kind": "words",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      }
    ]
  }
];

export const valueColumns: readonly FormColumn[] = [
  {
    "key": "id",
    "kind": "text",
    "unit": "",
    "optional": false,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "label",
    "kind": "text",
    "unit": "",
    "optional": false,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "unit",
    "kind": "text",
    "unit": "",
    "optional": false,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "against",
    "kind": "choice",
    "unit": "",
    "optional": false,
    "wide": false,
    "choices": [
      "limits",
      "placard-front",
      "placard-rear",
      "ride-height-front",
      "ride-height-rear"
    ],
    "said": "choice"
  },
  {
    "key": "least",
    "kind": "number",
    "unit": "",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "most",
    "kind": "number",
    "unit": "",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "within",
    "kind": "number",
    "unit": "",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "mmPerUnit",
    "kind": "number",
    "unit": "mm",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "axle",
    "kind": "choice",
    "unit": "",
    "optional": true,
    "wide": false,
    "choices": [
      "front",
      "rear"
    ],
    "said": "choice"
  }
];

export const policyColumns: readonly FormColumn[] = [
  {
    "key": "unproven",
    "kind": "choice",
    "unit": "",
    "optional": false,
    "wide": false,
    "choices": [
      "adjust",
      "accept-by-name",
      "send-back"
    ],
    "said": "choice"
  },
  {
    "key": "guard",
    "kind": "number",
    "unit": "",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "slips.mark",
    "kind": "number",
    "unit": "mm",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "slips.hub",
    "kind": "number",
    "unit": "mm",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "slips.sensor",
    "kind": "number",
    "unit": "mm",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "slips.sensorHeight",
    "kind": "number",
    "unit": "mm",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "slips.tapeEnd",
    "kind": "number",
    "unit": "mm",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "slips.ruleEnd",
    "kind": "number",
    "unit": "mm",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  },
  {
    "key": "slips.floor",
    "kind": "number",
    "unit": "mm",
    "optional": true,
    "wide": false,
    "choices": [],
    "said": "choice"
  }
];

export const vehicleForm: { values: readonly FormColumn[]; lists: readonly FormList[] } = {
  "values": [
    {
      "key": "make",
      "kind": "text",
      "unit": "",
      "optional": false,
      "wide": true,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "model",
      "kind": "text",
      "unit": "",
      "optional": false,
      "wide": true,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "wheelbase",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "trackFront",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "trackRear",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "frontOverhang",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "rearOverhang",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "width",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "height",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "hubHeight",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "tyreDiameter",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "tyreWidth",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "frontMark",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "rearMark",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "sHub",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "sMarkAlong",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "sMarkAcross",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "sSensor",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "sSensorHeight",
      "kind": "number",
      "unit": "mm",
      "optional": false,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "frontMarkHeight",
      "kind": "number",
      "unit": "mm",
      "optional": true,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "rearMarkHeight",
      "kind": "number",
      "unit": "mm",
      "optional": true,
      "wide": false,
      "choices": [],
      "said": "choice"
    },
    {
      "key": "years",
      "kind": "text",
      "unit": "",
      "optional": true,
      "wide": false,
      "choices": [],
      "said": "choice"
    }
  ],
  "lists": [
    {
      "pointer": "/sensors",
      "form": "objects",
      "needed": false,
      "columns": [
        {
          "key": "id",
          "kind": "text",
          "unit": "",
          "optional": false,
          "wide": false,
          "choices": [],
          "said": "choice"
        },
        {
          "key": "name",
          "kind": "text",
          "unit": "",
          "optional": false,
          "wide": false,
          "choices": [],
          "said": "choice"
        },
        {
          "key": "kind",
          "kind": "choice",
          "unit": "",
          "optional": false,
          "wide": false,
          "choices": [
            "front",
            "front-corner",
            "rear",
            "blind-spot"
          ],
          "said": "choice"
        },
        {
          "key": "side",
          "kind": "choice",
          "unit": "",
          "optional": false,
          "wide": false,
          "choices": [
            "middle",
            "left",
            "right"
          ],
          "said": "choice"
        },
        {
          "key": "pair",
          "kind": "text",
          "unit": "",
          "optional": true,
          "wide": false,
          "choices": [],
          "said": "choice"
        },
        {
          "key": "behind",
          "kind": "choice",
          "unit": "",
          "optional": false,
          "wide": false,
          "choices": [
            "front-cover",
            "front-badge",
            "grille",
            "rear-cover",
            "open"
          ],
          "said": "choice"
        },
        {
          "key": "along",
          "kind": "number",
          "unit": "mm",
          "optional": false,
          "wide": false,
          "choices": [],
          "said": "choice"
        },
        {
          "key": "across",
          "kind": "number",
          "unit": "mm",
          "optional": false,
          "wide": false,
          "choices": [],
          "said": "choice"
        },
        {
          "key": "height",
          "kind": "number",
          "unit": "mm",
          "optional": false,
          "wide": false,
          "choices": [],
          "said": "choice"
        },
        {
          "key": "facing",
          "kind": "number",
          "unit": "°",
          "optional": false,
          "wide": false,
          "choices": [],
          "said": "choice"
        },
        {
          "key": "s",
          "kind": "number",
          "unit": "mm",
          "optional": false,
          "wide": false,
          "choices": [],
          "said": "choice"
        },
        {
          "key": "sAcross",
          "kind": "number",
          "unit": "mm",
          "optional": true,
          "wide": false,
          "choices": [],
          "said": "choice"
        },
        {
          "key": "sHeight",
          "kind": "number",
          "unit": "mm",
          "optional": true,
          "wide": false,
          "choices": [],
          "said": "choice"
        }
      ]
    },
    {
      "pointer": "/measured",
      "form": "texts",
      "needed": false,
      "columns": [
        {
          "key": "",
          "kind": "text",
          "unit": "",
          "optional": false,
          "wide": false,
          "choices": [],
          "said": "choice"
        }
      ]
    }
  ]
};

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
        ],
        "said": "choice"
      },
      {
        "key": "id",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "name",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "accuracy",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "resolution",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "sScale",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "sZero",
        "kind": "number",
        "unit": "mm",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "scale",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "zero",
        "kind": "number",
        "unit": "mm",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "reach",
        "kind": "number",
        "unit": "mm",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "lastCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "nextCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "note",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "driftZero",
        "kind": "number",
        "unit": "mm",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "driftScale",
        "kind": "number",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
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
        "choices": [],
        "said": "choice"
      },
      {
        "key": "name",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "targetAhead",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "targetLeft",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "halfWidth",
        "kind": "number",
        "unit": "mm",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "lastCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "nextCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "note",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": [],
        "said": "choice"
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
        "choices": [],
        "said": "choice"
      },
      {
        "key": "name",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "kind",
        "kind": "text",
        "unit": "",
        "optional": false,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "phaseToPointer",
        "kind": "number",
        "unit": "mm",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "lastCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "nextCheck",
        "kind": "day",
        "unit": "",
        "optional": true,
        "wide": false,
        "choices": [],
        "said": "choice"
      },
      {
        "key": "note",
        "kind": "text",
        "unit": "",
        "optional": true,
        "wide": true,
        "choices": [],
        "said": "choice"
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
            "choices": [],
            "said": "choice"
          },
          {
            "key": "value",
            "kind": "number",
            "unit": "mm",
            "optional": false,
            "wide": false,
            "choices": [],
            "said": "choice"
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
            "choices": [],
            "said": "choice"
          },
          {
            "key": "changes",
            "kind": "text",
            "unit": "",
            "optional": false,
            "wide": true,
            "choices": [],
            "said": "choice"
          }
        ]
      }
    ]
  }
};
