<style>
@page { size: {{ $paper->size }}; margin: 16mm 15mm 18mm; @bottom-right { content: counter(page) " of " counter(pages); font: 9pt 'Atkinson Hyperlegible Next', sans-serif; color: #595345 } @bottom-left { content: "{{ 'Order ' . preg_replace('/[^\w -]/', '', $order['number']) }}"; font: 9pt 'Atkinson Hyperlegible Next', sans-serif; color: #595345 } }
* { box-sizing: border-box }
html { font: 10.5pt/1.42 'Atkinson Hyperlegible Next', 'DejaVu Sans', sans-serif; color: #20252b; background: #fff }
body { margin: 0 auto; max-width: 190mm; overflow-wrap: anywhere }
@media screen { body { padding: 16px; font-size: 1rem } }
header { display: table; width: 100%; border-bottom: 1.2pt solid #7a5410; padding-bottom: 3mm; margin-bottom: 5mm }
header > div { display: table-cell; vertical-align: top; padding-right: 8mm }
header table { margin: 0; font-size: .92em } header .facts { width: 72mm; padding: 0 }
header th { border: 0; padding: 0 3mm 0 0; white-space: nowrap } header td { border: 0; padding: 0; font-weight: 700 }
.house { margin: 0; color: #7a5410; font-weight: 700 }
h1 { font-size: 1.7em; line-height: 1.15; margin: 0 }
h2 { font-size: 1.22em; line-height: 1.2; margin: 6mm 0 2mm; break-after: avoid }
h3 { font-size: 1em; margin: 4mm 0 1mm; break-after: avoid }
p { margin: 0 0 2mm } ul { margin: 0 0 2mm; padding-left: 5mm } li { margin-bottom: .6mm }
section.open { border: 1.2pt solid #8a5a00; padding: 0 4mm 2mm; margin: 0 0 4mm; break-inside: avoid }
section.open h2 { margin-top: 3mm }
table { width: 100%; border-collapse: collapse; margin: 1mm 0 3mm; font-size: .92em; font-variant-numeric: tabular-nums }
thead { display: table-header-group }
th { text-align: left; color: #595345; font-weight: 400; border-bottom: .8pt solid #595345; padding: .6mm 2.5mm .6mm 0; vertical-align: bottom }
td { border-bottom: .4pt solid #d3cab6; padding: 1mm 2.5mm 1mm 0; vertical-align: top }
tr, table.whole { break-inside: avoid }
.verdict { white-space: nowrap; font-weight: 700; color: #63615b } .verdict.holds { color: #0b6b63 } .verdict.out { color: #b3381a } .verdict.unproven { color: #8a5a00 } .verdict.sent-back { color: #20252b } .verdict svg { vertical-align: -2px }
.plain { font-size: 1.06em }
.customer .plain { font-size: 1.15em }
.struck { text-decoration: line-through } .soft { color: #595345 }
table.events td:nth-child(-n+2) { white-space: nowrap }
svg.plan { width: 100%; height: auto; max-height: 92mm; border: .4pt solid #d3cab6; break-inside: avoid }
.seal { display: table; width: 100%; border: .8pt solid #20252b; margin: 3mm 0; break-inside: avoid }
.seal > div { display: table-cell; vertical-align: middle; padding: 2mm 3mm }
.seal > .qr { width: 32mm; padding-right: 0 } .seal svg { width: 27mm; height: 27mm; display: block }
.seal p { margin: 0 } .hash { font-family: 'DejaVu Sans Mono', ui-monospace, monospace; font-size: .82em; overflow-wrap: anywhere }
.sensor { border-top: 1.2pt solid #20252b; margin-top: 6mm }
.sensor > h2 { display: table; width: 100%; margin-top: 2.5mm }
.sensor > h2 > * { display: table-cell; vertical-align: middle } .sensor > h2 > .verdict { text-align: right }
.sensor > h2 .verdict { font-size: .9em }
figure { display: inline-block; vertical-align: top; width: 55mm; margin: 0 3mm 3mm 0; break-inside: avoid } figure img { width: 100%; max-height: 50mm; object-fit: contain; background: #f6f2e8 } figcaption { font-size: .85em; color: #595345 }
footer { margin-top: 6mm; border-top: .8pt solid #d3cab6; padding-top: 2mm; font-size: .85em; color: #595345 }
</style>
