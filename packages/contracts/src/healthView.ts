/** Who answers: the counter is null where none is connected. */
export interface HealthView {
  readonly database: boolean;
  readonly counter: boolean | null;
}
