import type { Order } from '../api/types';
import { asSpot, BayDrawing } from '../floor/BayDrawing';
import { useDrag } from '../bays/useDrag';
import { Car } from '../floor/Car';
import { within, type Projection, type Spot } from '../floor/view';
import { slate } from '../theme/floor';
import { hubs } from './CarPlan';
import type { Placed, StanceFile } from './parts/useStance';
import { say } from '../words/say';

/** The bay with the car in it, to be pushed to where it stands, and the room each sensor needs about it. */
export function StancePlan({ order, file }: { order: Order; file: StanceFile }) {
  const { page, placed, setPlaced } = file;
  if (!page.data) {
    return <div style={{ position: 'absolute', inset: 0, background: slate.ground }} />;
  }
  const { data } = page;
  const at: Placed = placed ?? data.now;
  return (
    <BayDrawing
      bay={data.bay}
      label={say('screen.stance-plan.car-in', { bay: data.bay.name })}
      also={data.needs
        .flatMap((need) => need.rooms.flat())
        .map((corner) => inBay(asSpot(corner), data.now))}
    >
      {(to) => (
        <>
          {data.needs.map((need) => (
            <g key={need.id}>
              {need.rooms.map((room, i) => (
                <path
                  key={i}
                  d={to.path(room.map((corner) => inBay(asSpot(corner), at)))}
                  fill={need.id === 'car' ? 'none' : slate.zone}
                  fillOpacity="0.35"
                  stroke={need.id === 'car' ? slate.chalkFaint : slate.chalkSoft}
                  strokeDasharray="5 4"
                />
              ))}
              {need.spot && (
                <Target
                  at={inBay(asSpot(need.spot), at)}
                  to={to}
                  name={need.name}
                  under={(need.spot[1] ?? 0) * Math.cos((at.heading * Math.PI) / 180) < 0}
                />
              )}
            </g>
          ))}
          <Pushed order={order} at={at} to={to} onPlace={setPlaced} />
          {placed === null &&
            data.now.fits
              .filter((fit) => !fit.holds)
              .map((fit) => {
                const [x, y] = to.at(asSpot(fit.at));
                return (
                  <path
                    key={fit.id}
                    d={`M${x - 9} ${y - 9}L${x + 9} ${y + 9}M${x + 9} ${y - 9}L${x - 9} ${y + 9}`}
                    stroke={slate.laser}
                    strokeWidth="4"
                  />
                );
              })}
        </>
      )}
    </BayDrawing>
  );
}

/** A place of the vehicle frame in the bay. */
function inBay([x, y]: Spot, at: Placed): Spot {
  const a = (at.heading * Math.PI) / 180;
  return [at.x + x * Math.cos(a) - y * Math.sin(a), at.y + x * Math.sin(a) + y * Math.cos(a)];
}

function Target({
  at,
  to,
  name,
  under,
}: {
  at: Spot;
  to: Projection;
  name: string;
  under: boolean;
}) {
  const [x, y] = to.at(at);
  return (
    <g stroke={slate.chalk} strokeWidth="2" fill="none">
      <circle cx={x} cy={y} r="8" />
      <path d={`M${x - 13} ${y}H${x + 13}M${x} ${y - 13}V${y + 13}`} />
      <text x={x} y={under ? y + 28 : y - 16} fill={slate.chalk} stroke="none" textAnchor="middle">
        {name}
      </text>
    </g>
  );
}

/** The car, to be taken hold of. */
function Pushed({
  order,
  at,
  to,
  onPlace,
}: {
  order: Order;
  at: Placed;
  to: Projection;
  onPlace: (at: Placed) => void;
}) {
  const { car } = order;
  const drag = useDrag(to.size(1), (dx, dy) =>
    onPlace({ ...at, x: Math.round(at.x + dx), y: Math.round(at.y + dy) }),
  );
  const [cx, cy] = to.at(inBay([car.wheelbase / 2, 0], at));
  const turn = (event: React.KeyboardEvent<SVGGElement>) => {
    if (event.key.toLowerCase() === 't') {
      event.stopPropagation();
      onPlace({ ...at, heading: at.heading === 180 ? 0 : 180 });
    } else {
      drag.onKeyDown(event);
    }
  };
  return (
    <g
      {...drag}
      onKeyDown={turn}
      tabIndex={0}
      role="button"
      aria-label={say('screen.stance-plan.car-arrow-keys-push')}
      data-testid="stance-car"
      style={{ cursor: 'grab' }}
    >
      {/* Taken hold of by a gloved finger, however small the bay is drawn. */}
      <circle cx={cx} cy={cy} r="30" fill="transparent" />
      <Car car={{ ...car, hubs: hubs(car) } as never} to={within(to, (spot) => inBay(spot, at))} />
    </g>
  );
}
