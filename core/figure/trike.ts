import type { Build } from '@cadre/core/fleet';
import type { Drawing } from './figure';
import { beltLines, WHEEL_RADIUS } from './geometry';
import { around, plus, point } from './point';
import { circle, curve, line, shape } from './stroke';
import { drawWheel } from './upright';

/** A recumbent trike with two wheels in front: low beam, laid-back seat, cranks ahead on a boom. */
export function trike(build: Build): Drawing {
  const rear = {
    centre: point(0, WHEEL_RADIUS[build.wheelSizeRear]),
    radius: WHEEL_RADIUS[build.wheelSizeRear],
  };
  const front = {
    centre: point(1010, WHEEL_RADIUS[build.wheelSizeFront]),
    radius: WHEEL_RADIUS[build.wheelSizeFront],
  };
  // The far front wheel shows behind the near one; all three stand on the ground.
  const far = { ...front, centre: plus(front.centre, point(96, 0)) };
  const bracket = point(1560, 390);
  const ring = { centre: bracket, radius: 84 };
  const sprocket = { centre: rear.centre, radius: 44 };
  const [upper, lower] = beltLines(sprocket, ring);
  const seatLow = point(720, 270);
  const seatHigh = point(300, 690);
  return {
    strokes: [
      circle('front-wheel', 'rim', 30, far.centre, far.radius - 15),
      circle('front-wheel', 'spoke', 6, far.centre, far.radius - 44),
      circle('front-wheel', 'steel', 0, far.centre, 20),
      ...drawWheel('rear-wheel', 'rear-brake', rear, 40, build.brakeRear),
      curve(
        'frame',
        'tube',
        46,
        plus(rear.centre, point(170, 90)),
        point(420, 200),
        point(600, 190),
        point(1010, 250),
      ),
      line('frame', 'tube', 44, point(1000, 250), bracket),
      line('frame', 'tube', 26, rear.centre, plus(rear.centre, point(190, 92))),
      line('drivetrain', 'thin', 7, ...upper),
      line('drivetrain', 'thin', 7, ...lower),
      circle('drivetrain', 'steel', 6, rear.centre, 58),
      circle('drivetrain', 'steel', 6, rear.centre, 40),
      // A sling seat: the frame, and the mesh stretched over it.
      curve(
        'saddle-post',
        'soft',
        58,
        plus(seatLow, point(96, 62)),
        plus(seatLow, point(-70, -30)),
        plus(seatLow, point(-130, 60)),
        plus(seatHigh, point(30, -20)),
      ),
      curve(
        'saddle-post',
        'solid',
        18,
        plus(seatLow, point(104, 30)),
        plus(seatLow, point(-60, -66)),
        plus(seatLow, point(-136, 20)),
        seatHigh,
      ),
      line('saddle-post', 'thin', 14, point(450, 215), point(430, 500)),
      line('saddle-post', 'thin', 14, point(720, 215), point(700, 262)),
      line('cockpit', 'steel', 20, point(880, 250), point(820, 330)),
      line('cockpit', 'solid', 30, point(820, 330), point(770, 470)),
      ...drawWheel('front-wheel', 'front-brake', front, 38, build.brakeFront),
      line(
        'fork-headset',
        'solid',
        30,
        plus(front.centre, point(-20, 60)),
        plus(front.centre, point(0, -10)),
      ),
      circle('cranks-pedals', 'steel', 9, bracket, ring.radius),
      line('cranks-pedals', 'solid', 22, bracket, around(bracket, -30, 165)),
      line('cranks-pedals', 'soft', 18, bracket, around(bracket, 150, 165)),
      ...[-30, 150].map((degrees) => {
        const at = around(bracket, degrees, 165);
        return shape(
          'cranks-pedals',
          'solid',
          plus(at, point(-12, -48)),
          plus(at, point(12, -48)),
          plus(at, point(12, 48)),
          plus(at, point(-12, 48)),
        );
      }),
      ...(build.accessories.includes('flag')
        ? [
            line('accessories', 'thin', 7, plus(rear.centre, point(20, 60)), point(-30, 1180)),
            shape('accessories', 'soft', point(-30, 1180), point(-230, 1130), point(-28, 1070)),
          ]
        : []),
    ],
    anchors: {
      'front-wheel': around(front.centre, -10, 170),
      'front-brake': plus(front.centre, point(-20, 90)),
      'fork-headset': plus(front.centre, point(-170, -20)),
      cockpit: point(790, 440),
      frame: point(1290, 320),
      'cranks-pedals': plus(bracket, point(20, 60)),
      drivetrain: point(230, 300),
      'saddle-post': point(470, 520),
      'rear-wheel': around(rear.centre, 200, 170),
      ...(build.accessories.length > 0 ? { accessories: point(-60, 760) } : {}),
    },
  };
}
