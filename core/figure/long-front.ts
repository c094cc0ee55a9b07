import type { Build } from '@cadre/core/fleet';
import type { Drawing } from './figure';
import { uprightGeometry, WHEEL_RADIUS, type Geometry } from './geometry';
import { between, plus, point } from './point';
import { circle, curve, line, shape } from './stroke';
import { drawUpright, drawWheel } from './upright';

/** How far the front wheel stands ahead of where it would on a common bike. */
const STRETCH = 880;

/** A long-front cargo bike: the rear half of an upright one, a low beam, a box, and a small wheel far ahead. */
export function longFront(build: Build): Drawing {
  const g = uprightGeometry(build);
  const radius = WHEEL_RADIUS[build.wheelSizeFront];
  const front = { centre: point(g.front.centre.x + STRETCH, radius), radius };
  const rearHalf = drawUpright(
    { ...build, accessories: build.accessories.filter((each) => each === 'stand') },
    {
      ...g,
      front,
    } satisfies Geometry,
  ).filter(
    (stroke) =>
      stroke.zone !== 'front-wheel' && stroke.zone !== 'front-brake' && stroke.zone !== 'fork-headset',
  );
  const post = plus(g.headBottom, point(34, -g.headBottom.y * 0.5));
  const nose = plus(front.centre, point(-120, radius + 170));
  // The box begins ahead of the steering post: the rider's knees and the down tube stay clear of it.
  const floor = point(g.headBottom.x + 70, 250);
  const floorEnd = point(front.centre.x - radius - 60, 250);
  const boxTop = 640;
  return {
    strokes: [
      ...drawWheel('front-wheel', 'front-brake', front, 46, build.brakeFront),
      line('frame', 'tube', 40, g.headTop, post, floor),
      line('frame', 'tube', 46, g.bracket, floor, floorEnd),
      curve('frame', 'tube', 42, floorEnd, plus(floorEnd, point(90, 20)), plus(nose, point(-60, -180)), nose),
      line('fork-headset', 'tube', 40, nose, plus(nose, point(34, -90))),
      line('fork-headset', 'solid', 28, plus(nose, point(34, -90)), front.centre),
      line('fork-headset', 'steel', 10, plus(post, point(30, -60)), plus(front.centre, point(-70, 40))),
      shape(
        'accessories',
        'soft',
        plus(floor, point(40, 20)),
        plus(floorEnd, point(-10, 20)),
        point(floorEnd.x + 60, boxTop),
        point(floor.x + 10, boxTop),
      ),
      line('accessories', 'thin', 12, point(floor.x, boxTop), point(floorEnd.x + 70, boxTop)),
      circle('front-brake', 'solid', 0, plus(front.centre, point(-50, 62)), 24),
      ...rearHalf,
    ],
    anchors: {
      'front-wheel': plus(front.centre, point(120, -60)),
      'front-brake': plus(front.centre, point(-60, 60)),
      'fork-headset': plus(nose, point(10, -10)),
      cockpit: plus(g.headTop, point(10, 120)),
      frame: between(floor, floorEnd, 0.5),
      'cranks-pedals': plus(g.bracket, point(40, -60)),
      drivetrain: plus(g.rear.centre, point(70, -130)),
      'saddle-post': plus(g.saddle, point(-20, -40)),
      'rear-brake': plus(g.rear.centre, point(20, 120)),
      'rear-wheel': plus(g.rear.centre, point(-230, -80)),
      ...(build.assist === 'none' ? {} : { assist: plus(g.bracket, point(60, 250)) }),
      accessories: point((floor.x + floorEnd.x) / 2, boxTop - 120),
    },
  };
}
