import type { BrakeType, Build } from '@cadre/core/fleet';
import type { Zone } from '@cadre/core/catalogue';
import { beltLines, type Geometry, type Wheel } from './geometry';
import { around, between, plus, point, times, towards, type Point } from './point';
import { circle, curve, line, shape, spokes, type Stroke } from './stroke';

export function drawWheel(
  zone: Zone,
  brakeZone: Zone,
  wheel: Wheel,
  tyreWidth: number,
  brake: BrakeType,
): readonly Stroke[] {
  const { centre, radius } = wheel;
  const rim = radius - tyreWidth - 6;
  const disc = brake === 'cable-disc' || brake === 'hydraulic-disc';
  const hub = brake === 'drum' || brake === 'coaster' ? 44 : 24;
  return [
    ...spokes(zone, centre, hub * 0.8, rim, radius < 280 ? 20 : 28),
    circle(zone, 'tyre', tyreWidth, centre, radius - tyreWidth / 2),
    circle(zone, 'rim', 11, centre, rim - 3),
    ...(disc
      ? [
          circle(brakeZone, 'steel', 9, centre, radius < 280 ? 62 : 78),
          circle(brakeZone, 'steel', 4, centre, 44),
        ]
      : []),
    circle(zone, 'solid', 0, centre, hub),
    circle(zone, 'plate', 0, centre, 8),
  ];
}

function drawBrake(
  zone: Zone,
  wheel: Wheel,
  brake: BrakeType,
  mount: Point,
  degrees: number,
): readonly Stroke[] {
  if (brake === 'cable-disc' || brake === 'hydraulic-disc') {
    const at = around(wheel.centre, degrees, 84);
    const across = towards(wheel.centre, at);
    const along = point(-across.y, across.x);
    const corner = (a: number, b: number): Point => plus(plus(at, times(across, a)), times(along, b));
    return [shape(zone, 'solid', corner(-16, -30), corner(18, -26), corner(20, 26), corner(-14, 30))];
  }
  if (brake === 'rim') {
    const pad = plus(wheel.centre, times(towards(wheel.centre, mount), wheel.radius - 50));
    return [
      line(zone, 'steel', 13, pad, plus(pad, times(towards(wheel.centre, mount), 88))),
      shape(
        zone,
        'solid',
        plus(pad, point(-30, -8)),
        plus(pad, point(30, -8)),
        plus(pad, point(30, 9)),
        plus(pad, point(-30, 9)),
      ),
    ];
  }
  if (brake === 'coaster' || brake === 'drum')
    return [
      line(
        zone,
        'steel',
        12,
        wheel.centre,
        plus(wheel.centre, point(zone === 'rear-brake' ? 150 : -30, zone === 'rear-brake' ? -8 : 120)),
      ),
    ];
  return [];
}

function drawFork(build: Build, g: Geometry): readonly Stroke[] {
  const axle = g.front.centre;
  const head = line('fork-headset', 'tube', 44, g.headTop, g.headBottom);
  if (build.fork === 'rigid') {
    const bend = plus(g.crown, times(g.steering, Math.max(60, (g.crown.y - axle.y) * 0.62)));
    return [
      head,
      curve('fork-headset', 'tube', 26, g.crown, bend, plus(bend, times(g.steering, 40)), axle),
      circle('fork-headset', 'steel', 0, g.headBottom, 22),
    ];
  }
  const forward = point(-g.steering.y, g.steering.x);
  const crown = plus(g.crown, times(forward, 12));
  const lower = plus(axle, times(forward, -22));
  const seal = between(crown, lower, 0.4);
  return [
    head,
    line('fork-headset', 'steel', 24, crown, seal),
    line('fork-headset', 'solid', 38, seal, lower),
    line('fork-headset', 'solid', 26, lower, axle),
    line('fork-headset', 'solid', 34, plus(crown, times(forward, -34)), plus(crown, times(forward, 26))),
    line(
      'fork-headset',
      'plate',
      6,
      plus(between(crown, seal, 0.72), times(forward, -14)),
      plus(between(crown, seal, 0.72), times(forward, 14)),
    ),
  ];
}

function drawFrame(build: Build, g: Geometry): readonly Stroke[] {
  const low = between(g.headTop, g.headBottom, 0.78);
  const high = between(g.headTop, g.headBottom, 0.2);
  const axle = g.rear.centre;
  const seatTube = line('frame', 'tube', 32, g.bracket, g.seatTop);
  const chainStay = line('frame', 'tube', 20, g.bracket, axle);
  switch (build.frameShape) {
    case 'step-through': {
      const foot = plus(g.bracket, point(110, 40));
      const meet = between(g.bracket, g.seatTop, 0.42);
      return [
        curve('frame', 'tube', 46, low, plus(low, point(-70, -230)), plus(foot, point(150, 20)), g.bracket),
        curve('frame', 'tube', 28, high, plus(high, point(-90, -260)), plus(meet, point(190, -70)), meet),
        seatTube,
        chainStay,
        line('frame', 'tube', 17, between(g.bracket, g.seatTop, 0.92), axle),
      ];
    }
    case 'full-suspension': {
      const link = between(g.bracket, g.seatTop, 0.62);
      const pivot = plus(g.bracket, point(-26, 70));
      const rocker = plus(link, point(-70, 26));
      const shockTop = between(high, g.seatTop, 0.5);
      return [
        line('frame', 'tube', 52, low, g.bracket),
        line('frame', 'tube', 40, high, between(g.bracket, g.seatTop, 0.86)),
        seatTube,
        line('rear-suspension', 'tube', 22, pivot, axle),
        line('rear-suspension', 'tube', 18, rocker, axle),
        line('rear-suspension', 'solid', 26, rocker, plus(link, point(44, -6))),
        line(
          'rear-suspension',
          'steel',
          18,
          plus(link, point(44, -6)),
          between(plus(link, point(44, -6)), plus(shockTop, point(30, -46)), 0.5),
        ),
        line(
          'rear-suspension',
          'solid',
          32,
          between(plus(link, point(44, -6)), plus(shockTop, point(30, -46)), 0.45),
          plus(shockTop, point(30, -46)),
        ),
        ...[pivot, rocker, link].map((at) => circle('rear-suspension', 'plate', 0, at, 9)),
      ];
    }
    default: {
      const slope = build.kind === 'child' ? 0.86 : build.frameShape === 'sloping' ? 0.9 : 0.95;
      const joint = between(g.bracket, g.seatTop, slope);
      return [
        line('frame', 'tube', build.frameShape === 'sloping' ? 46 : 36, low, g.bracket),
        line('frame', 'tube', 30, high, joint),
        seatTube,
        chainStay,
        line('frame', 'tube', 16, joint, axle),
      ];
    }
  }
}

function drawDrive(build: Build, g: Geometry): readonly Stroke[] {
  const ring: Wheel = { centre: g.bracket, radius: g.ring };
  const big = build.gears === 'derailleur' ? (build.sprockets >= 11 ? 76 : 56) : 38;
  const sprocket: Wheel = { centre: g.rear.centre, radius: build.gears === 'derailleur' ? big * 0.62 : big };
  const [upper, lower] = beltLines(sprocket, ring);
  const chain = build.transmission === 'belt' ? 12 : 7;
  const strokes: Stroke[] = [circle('drivetrain', 'steel', 6, g.rear.centre, big)];
  if (build.gears === 'hub-gear') strokes.push(circle('drivetrain', 'solid', 0, g.rear.centre, 46));
  if (build.gears === 'derailleur') {
    const guide = plus(g.rear.centre, point(22, -big - 22));
    const tension = plus(guide, point(g.ring > 75 ? -2 : 18, -g.rear.radius * 0.22));
    strokes.push(
      circle('drivetrain', 'steel', 6, g.rear.centre, sprocket.radius),
      line('drivetrain', 'solid', 15, plus(g.rear.centre, point(8, -26)), guide),
      line('drivetrain', 'solid', 13, guide, tension),
      circle('drivetrain', 'steel', 6, guide, 17),
      circle('drivetrain', 'steel', 6, tension, 17),
      line('drivetrain', 'thin', chain, plus(tension, point(0, -18)), lower[1]),
      line(
        'drivetrain',
        'thin',
        chain,
        plus(g.rear.centre, point(sprocket.radius, -8)),
        plus(guide, point(16, 0)),
      ),
    );
  } else {
    strokes.push(line('drivetrain', 'thin', chain, ...lower));
  }
  strokes.push(line('drivetrain', 'thin', chain, ...upper));
  if (build.assist === 'mid-motor')
    strokes.push(circle('assist', 'solid', 0, plus(g.bracket, point(24, 26)), 92));
  strokes.push(
    circle('cranks-pedals', 'steel', 9, g.bracket, g.ring),
    line('cranks-pedals', 'solid', 22, g.bracket, around(g.bracket, -38, g.crank)),
    line('cranks-pedals', 'soft', 18, g.bracket, around(g.bracket, 142, g.crank)),
    ...[-38, 142].map((degrees) => {
      const at = around(g.bracket, degrees, g.crank);
      return shape(
        'cranks-pedals',
        'solid',
        plus(at, point(-46, -11)),
        plus(at, point(46, -11)),
        plus(at, point(46, 11)),
        plus(at, point(-46, 11)),
      );
    }),
    circle('cranks-pedals', 'plate', 0, g.bracket, 13),
  );
  return strokes;
}

function drawCockpit(build: Build, g: Geometry): readonly Stroke[] {
  const up = times(g.steering, -1);
  const forward = point(-g.steering.y, g.steering.x);
  const spacer = plus(g.headTop, times(up, build.headset === 'threaded' ? 70 : 34));
  const clamp = plus(spacer, times(forward, build.bar === 'swept' ? 40 : 62));
  const rise = { flat: 6, riser: 34, swept: 74, drop: 0, 'under-seat': 0 }[build.bar];
  const bend = plus(clamp, point(build.bar === 'swept' ? 6 : -4, rise));
  const grip = plus(bend, build.bar === 'swept' ? point(-190, -26) : point(-96, -8));
  const strokes: Stroke[] = [
    line('cockpit', 'steel', 30, g.headTop, spacer),
    line('cockpit', 'solid', 26, spacer, clamp),
    line('cockpit', 'steel', 20, clamp, bend),
    line('cockpit', 'steel', 18, bend, between(bend, grip, 0.5)),
    line('cockpit', 'solid', 30, between(bend, grip, 0.42), grip),
    curve(
      'cockpit',
      'thin',
      10,
      between(bend, grip, 0.1),
      plus(bend, point(34, -10)),
      plus(bend, point(22, -52)),
      plus(between(bend, grip, 0.5), point(0, -66)),
    ),
  ];
  if (build.bar === 'drop')
    strokes.push(
      curve(
        'cockpit',
        'solid',
        24,
        clamp,
        plus(clamp, point(130, 0)),
        plus(clamp, point(110, -130)),
        plus(clamp, point(0, -125)),
      ),
    );
  return strokes;
}

function drawSaddle(build: Build, g: Geometry): readonly Stroke[] {
  const top = g.saddle;
  const collar = between(g.seatTop, top, 0.42);
  const nose = plus(top, point(150, -6));
  const tail = plus(top, point(-125, 12));
  return [
    line('saddle-post', 'steel', build.seatpost === 'dropper' ? 20 : 24, g.seatTop, plus(top, point(0, -24))),
    ...(build.seatpost === 'dropper' ? [line('saddle-post', 'solid', 34, g.seatTop, collar)] : []),
    line(
      'saddle-post',
      'solid',
      40,
      plus(g.seatTop, times(towards(g.bracket, g.seatTop), -8)),
      plus(g.seatTop, times(towards(g.bracket, g.seatTop), 12)),
    ),
    line('saddle-post', 'thin', 8, plus(top, point(-80, -22)), plus(top, point(80, -22))),
    curve('saddle-post', 'solid', 26, tail, plus(top, point(-60, -6)), plus(top, point(60, 4)), nose),
  ];
}

function drawFitted(build: Build, g: Geometry): readonly Stroke[] {
  const strokes: Stroke[] = [];
  if (build.assist !== 'none') {
    const low = between(g.headTop, g.headBottom, 0.9);
    const [a, b] =
      build.frameShape === 'step-through'
        ? [
            plus(g.rear.centre, point(-150, g.rear.radius + 62)),
            plus(g.rear.centre, point(190, g.rear.radius + 62)),
          ]
        : [between(low, g.bracket, 0.16), between(low, g.bracket, 0.74)];
    strokes.push(
      line('assist', 'solid', 62, a, b),
      line('assist', 'plate', 5, between(a, b, 0.2), between(a, b, 0.45)),
    );
    if (build.assist === 'hub-motor') strokes.push(circle('assist', 'solid', 0, g.rear.centre, 84));
  }
  if (build.accessories.includes('mudguards')) {
    for (const [wheel, from, to] of [
      [g.rear, 52, 186],
      [g.front, 20, 150],
    ] as const) {
      const arc = Array.from({ length: 15 }, (_, index) =>
        around(wheel.centre, from + ((to - from) * index) / 14, wheel.radius + 22),
      );
      strokes.push(line('accessories', 'thin', 12, ...arc));
    }
  }
  if (build.accessories.includes('rack')) {
    const deck = g.rear.radius * 2 + 46;
    strokes.push(
      line('accessories', 'thin', 13, point(g.seatTop.x + 20, deck), point(-235, deck)),
      line('accessories', 'thin', 9, point(-40, deck), g.rear.centre),
      line('accessories', 'thin', 9, point(-150, deck), g.rear.centre),
    );
  }
  if (build.accessories.includes('lights'))
    strokes.push(
      circle('accessories', 'solid', 0, plus(g.headBottom, point(44, 64)), 24),
      circle('accessories', 'solid', 0, point(-250, g.rear.radius * 2 - 10), 18),
    );
  if (build.accessories.includes('stand'))
    strokes.push(
      line('accessories', 'thin', 12, plus(g.bracket, point(-80, -16)), point(g.bracket.x - 190, 12)),
    );
  if (build.accessories.includes('basket')) {
    const at = plus(g.headTop, point(90, 20));
    strokes.push(
      shape(
        'accessories',
        'soft',
        at,
        plus(at, point(250, 30)),
        plus(at, point(220, -190)),
        plus(at, point(30, -190)),
      ),
    );
  }
  return strokes;
}

/** All strokes of an upright bike, back to front. */
export function drawUpright(build: Build, g: Geometry): readonly Stroke[] {
  const tyre =
    build.frameShape === 'diamond' || build.frameShape === 'step-through'
      ? 38
      : build.kind === 'child'
        ? 40
        : 48;
  return [
    ...drawWheel('rear-wheel', 'rear-brake', g.rear, tyre, build.brakeRear),
    ...drawWheel('front-wheel', 'front-brake', g.front, tyre, build.brakeFront),
    ...drawFitted(build, g),
    ...drawFork(build, g),
    ...drawFrame(build, g),
    ...drawBrake('front-brake', g.front, build.brakeFront, g.crown, 128),
    ...drawBrake('rear-brake', g.rear, build.brakeRear, g.seatTop, 64),
    ...drawDrive(build, g),
    ...drawSaddle(build, g),
    ...drawCockpit(build, g),
  ];
}
