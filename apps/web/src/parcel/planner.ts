'use client';
import type { SearchAnswer } from '@inch-nest/contracts';
import { send } from '../session/http.ts';
import { pressOver } from '../session/press.ts';
import { createPlannerClient, type PlannerClient } from '../workers/plannerClient.ts';

let sharedPlanner: PlannerClient | null = null;
/** One worker for the page. */
export const planner = (): PlannerClient =>
  (sharedPlanner ??= createPlannerClient((request) => send<SearchAnswer>('POST', '/api/plan', request), pressOver));
