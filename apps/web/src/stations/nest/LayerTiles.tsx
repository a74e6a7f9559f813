'use client';
import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { arrayMove, rectSortingStrategy, SortableContext, sortableKeyboardCoordinates, useSortable } from '@dnd-kit/sortable';
import { Button, ConfigProvider, Select } from 'antd';
import { GripVertical } from 'lucide-react';
import { useId } from 'react';
import { equivalentTurns, FACES, goesIntoSleeve, withTurns, wrapsIn, type Face, type PlanChoice, type PlanDocument } from '@inch-nest/core';
import { useShop } from '../../session/ShopContext.tsx';
import type { NestUse } from '../../parcel/useNest.ts';
import { Pin } from './Pin.tsx';
import { Stepper } from './Stepper.tsx';
import { dragWords } from './dragWords.ts';
import { tornWords } from '../../words/tornWords.ts';

type Layer = PlanDocument['layers'][number];
type LayerChoice = PlanChoice['layers'][number];
/** Changes the layers as they are by then. */
type Relayer = (next: (layers: readonly LayerChoice[]) => readonly LayerChoice[]) => void;
const MOST_TURNS = 8;

/** The layers from the surface outward: turns, placing, order; dragged or moved by keys. */
export function LayerTiles({ plan, nest, choice }: { plan: PlanDocument; nest: NestUse; choice: PlanChoice }) {
  const dragId = useId();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const wraps = wrapsIn(nest.request.stock);
  const relayer: Relayer = (next) => nest.change(({ layers }) => ({ layers: next(layers) }));
  const keys = plan.layers.map((layer) => layer.key);
  const moved = ({ active, over }: DragEndEvent) => {
    if (!over || active.id === over.id) return;
    relayer((layers) => {
      const [from, to] = [active.id, over.id].map((id) => layers.findIndex((layer) => layer.material === id));
      return from !== undefined && to !== undefined && from >= 0 && to >= 0 ? arrayMove([...layers], from, to) : layers;
    });
  };
  const isWorn = choice.layers.some(({ material }) => wraps.some(({ key, role }) => key === material && role === 'sleeve'));
  const absent = wraps.filter(
    (wrap) =>
      !choice.layers.some((layer) => layer.material === wrap.key) &&
      // one envelope goes round a bundle, and only one that takes it
      (wrap.role !== 'sleeve' || (!isWorn && goesIntoSleeve(plan.bundleIn, wrap))),
  );
  return (
    <DndContext id={dragId} sensors={sensors} collisionDetection={closestCenter} accessibility={dragWords(plan.layers)} onDragEnd={moved}>
      <SortableContext items={keys} strategy={rectSortingStrategy}>
        {plan.layers.map((layer) => (
          <LayerTile key={layer.key} layer={layer} several={plan.block.stacks.length} nest={nest} choice={choice} relayer={relayer} />
        ))}
      </SortableContext>
      {(absent.length > 0 || plan.layers.length > 0) && (
        <div className="tile" role="group" aria-label="All layers">
          <span className="tile-head">
            <b>Another layer</b>
            <Pin nest={nest} what="the wrap" part={({ layers }) => ({ layers })} />
          </span>
          {absent.length > 0 && (
            <Select
              aria-label="Another layer"
              value={null}
              placeholder="add …"
              popupMatchSelectWidth={false}
              options={absent.map((wrap) => ({
                value: wrap.key,
                label: wrap.onHandFt2 > 0 ? wrap.name : `${wrap.name} — none left`,
              }))}
              onChange={(material: string | null) => material && relayer((layers) => withTurns(layers, wraps, material, 1))}
            />
          )}
        </div>
      )}
    </DndContext>
  );
}

function LayerTile({
  layer,
  several,
  nest,
  choice,
  relayer,
}: {
  layer: Layer;
  several: number;
  nest: NestUse;
  choice: PlanChoice;
  relayer: Relayer;
}) {
  const { write } = useShop();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({ id: layer.key });
  const { componentDisabled } = ConfigProvider.useConfig();
  const wraps = wrapsIn(nest.request.stock);
  const wrap = wraps.find((one) => one.key === layer.key);
  const own = choice.layers.find((one) => one.material === layer.key);
  const turn = (next: (turns: number) => number) =>
    relayer((layers) => {
      const now = layers.find((one) => one.material === layer.key)?.turns ?? 0;
      return withTurns(layers, wraps, layer.key, Math.max(0, Math.min(MOST_TURNS, next(now))));
    });
  const change = (part: { [Key in keyof LayerChoice]?: LayerChoice[Key] | undefined }) =>
    relayer((layers) =>
      layers.map((one) =>
        one.material === layer.key
          ? (Object.fromEntries(Object.entries({ ...one, ...part }).filter(([, value]) => value !== undefined)) as unknown as LayerChoice)
          : one,
      ),
    );
  const bubble = wrap?.cushion?.endsWith('Bubble') ?? false;
  return (
    <div
      ref={setNodeRef}
      className={isDragging ? 'tile layer dragging' : 'tile layer'}
      role="group"
      aria-label={layer.name}
      style={{ transform: transform ? `translate3d(${transform.x}px, ${transform.y}px, 0)` : undefined, transition }}
    >
      <span className="tile-head">
        <b>{layer.name}</b>
        <button
          ref={setActivatorNodeRef}
          type="button"
          className="grip"
          {...attributes}
          {...listeners}
          disabled={componentDisabled}
          aria-label={`Move ${layer.name}`}
        >
          <GripVertical size={20} aria-hidden />
        </button>
      </span>
      <span className="amount-row">
        <span className="numeral amount">
          {layer.sleeve ? (
            <>
              1 <small>envelope</small>
            </>
          ) : wrap?.stiff ? (
            <>
              {layer.sheets} <small>{layer.sheets === 1 ? 'card' : 'cards'}</small>
            </>
          ) : (
            <>
              {layer.turns} <small>{layer.turns === 1 ? 'turn' : 'turns'}</small>
            </>
          )}
        </span>
        {layer.sleeve ? (
          <Stepper label={`the ${layer.name}`} less={() => turn(() => 0)} />
        ) : (
          <Stepper
            label={`turns of ${layer.name}`}
            less={() => turn((now) => (now <= 0.5 ? 0 : now - (now % 1 ? 0.5 : 1)))}
            more={() => turn((now) => now + (now % 1 ? 0.5 : 1))}
          />
        )}
      </span>
      <span className="detail">
        {several > 1 && `each of ${several}: `}
        {layer.sleeve ? 'closed along its flap' : tornWords(layer.sheets, layer.lengthIn, write)}; then {write.size(layer.bundleIn)};{' '}
        {layer.tape.name.toLowerCase()}, {layer.tape.easyOff ? 'easy off' : 'cut open'}
      </span>
      {!layer.sleeve && (
        <details className="placing">
          <summary>
            {[
              layer.laid === 'diagonal' ? 'cornerwise' : (layer.laid ?? 'straight'),
              bubble && `bubbles ${layer.bubblesOut ? 'out' : 'in'}`,
              layer.doubled && `${layer.doubled} doubled`,
            ]
              .filter(Boolean)
              .join(', ')}
          </summary>
          <Button onClick={() => turn((now) => now + 0.5)}>half a turn more</Button>
          {bubble && (
            <Button aria-pressed={layer.bubblesOut === true} onClick={() => change({ bubblesOut: own?.bubblesOut ? undefined : true })}>
              bubbles {layer.bubblesOut ? 'out' : 'in'}
            </Button>
          )}
          <Select<'straight' | 'crossed' | 'diagonal'>
            aria-label={`How ${layer.name} is laid`}
            value={layer.laid ?? 'straight'}
            popupMatchSelectWidth={false}
            options={[
              { value: 'straight', label: 'straight' },
              { value: 'crossed', label: 'crossed' },
              { value: 'diagonal', label: 'cornerwise' },
            ]}
            onChange={(laid) => change({ laid: laid === 'straight' ? undefined : laid })}
          />
          <Select<Face | 'none'>
            aria-label={`Face with one sheet more of ${layer.name}`}
            value={layer.doubled ?? 'none'}
            popupMatchSelectWidth={false}
            options={[{ value: 'none', label: 'none doubled' }, ...FACES.map((face) => ({ value: face, label: `${face} doubled` }))]}
            onChange={(face) => change({ doubled: face === 'none' ? undefined : face })}
          />
        </details>
      )}
      {layer.short && wrap && <Substitute nest={nest} choice={choice} layer={layer} relayer={relayer} />}
    </div>
  );
}

/** Says that a roll does not last, and what does the same. */
function Substitute({ nest, choice, layer, relayer }: { nest: NestUse; choice: PlanChoice; layer: Layer; relayer: Relayer }) {
  const wraps = wrapsIn(nest.request.stock);
  const wrap = wraps.find((one) => one.key === layer.key)!;
  const other = wraps.find(
    (one) =>
      one.key !== wrap.key &&
      one.cushion !== null &&
      wrap.cushion !== null &&
      one.onHandFt2 > 100 &&
      one.role !== 'surface' &&
      one.role !== 'sleeve',
  );
  const turns = other ? Math.min(MOST_TURNS, equivalentTurns(wrap, layer.turns, other)) : 0;
  return (
    <span className="detail">
      <em>Not enough left of it.</em>
      {other && (
        <Button
          onClick={() =>
            relayer((layers) => withTurns(withTurns(layers, wraps, layer.key, 0), wraps, other.key, turnsOf(choice, other.key) + turns))
          }
        >
          {turns} {turns === 1 ? 'turn' : 'turns'} of {other.name.toLowerCase()} instead
        </Button>
      )}
    </span>
  );
}

const turnsOf = (choice: PlanChoice, material: string): number => choice.layers.find((layer) => layer.material === material)?.turns ?? 0;
