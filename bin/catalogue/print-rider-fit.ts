/** How a bike is set for a rider, and which limit counts: marking, policy or default. */
export function printRiderFit(): readonly string[] {
  return [
    '## Rider fit',
    'A bike is offered to a rider when nothing stated on the bike speaks against it. Nothing about the rider is stored.',
    [
      '| what | how | limit |',
      '| --- | --- | --- |',
      '| Rider height | from the shortest to the tallest rider, ends included | marking (fit list); not stated: not judged |',
      '| Load | rider + luggage; at or over the maximum load: not offered | marking |',
      '| Total mass | rider + luggage + bike; at or over the maximum total mass: not offered. A bike whose mass is not stated counts with a heavy figure for its kind | marking; bike mass: default |',
      '| Tyres | adults on two-wheelers: psi = 153.6 x load (lb) / width (mm)^1.5785 - 7.1685, the load being (rider + luggage + bike) x 0.45 front or 0.55 rear, less for surface and tubeless; else the figure for the kind of bike | inside the window: marking on tyre and rim, then the start chosen for the tyre; the figure for the kind: policy, then default |',
      '| Fork and shock | the table on the fit list for rider + luggage, between two rows in proportion; outside the table no figure; else pressure x sag / target sag, at most a fifth at a step | marked maximum pressure; target sag: middle of the band, policy, then default |',
      '| Saddle height | 0.883 x inseam, from the middle of the bottom bracket to the top of the saddle along the tube; without an inseam 0.46 x height, said to be an estimate | where the minimum-insert mark would show the bike is not offered: marking |',
      '| Children’s bikes | the figure for the kind of bike; the saddle so that both balls of the feet reach the ground | window: marking; figure: policy, then default |',
      '| Recumbent trikes | the figure for the kind of bike; no saddle height | as above |',
    ].join('\n'),
  ];
}
