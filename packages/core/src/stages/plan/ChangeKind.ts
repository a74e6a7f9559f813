import type { GuardKind } from '../../engineering/pieces/hardPoints.ts';

/** Which bundle a change is of; left out for the first. */
interface OfBundle {
  readonly bundle?: number;
}

/** What a single change to a plan changes. */
export type ChangeKind =
  | ({ readonly kind: 'turns'; readonly material: string; readonly turns: number } & OfBundle)
  | { readonly kind: 'box'; readonly box: string }
  | { readonly kind: 'fill'; readonly fill: string }
  | { readonly kind: 'service'; readonly service: string }
  | ({ readonly kind: 'turned' } & OfBundle)
  | { readonly kind: 'unboxed' }
  | { readonly kind: 'innerFill'; readonly fill: string }
  | { readonly kind: 'liner'; readonly liner: boolean }
  | { readonly kind: 'cutDown'; readonly newDepthIn: number | null }
  | { readonly kind: 'board'; readonly board: boolean }
  | ({ readonly kind: 'hollow'; readonly hollowId: string } & OfBundle)
  | ({ readonly kind: 'guard'; readonly hardPointId: string; readonly guard: GuardKind } & OfBundle);
