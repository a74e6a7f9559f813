import { useQuery } from '@tanstack/react-query';
import type { ShelfTag } from '@inch-nest/contracts';
import { send } from '../session/http.ts';

const look = () => send<ShelfTag[]>('GET', '/api/shelf');

/** The shelf as the server has it, shared by everything on a page that asks for it; undefined until it has answered. */
export const useShelf = (): ShelfTag[] | undefined => useQuery({ queryKey: ['shelf'], queryFn: look }).data;

/**
 * The same where a page was drawn with it: looked at anew at once, and again every so often where that is said.
 *
 * @param everyMs how often it is looked at; only when something asks for it where left out
 */
export const useShelfFrom = (initial: ShelfTag[], everyMs: number | false = false): ShelfTag[] =>
  useQuery({ queryKey: ['shelf'], queryFn: look, initialData: initial, initialDataUpdatedAt: 0, refetchInterval: everyMs }).data;
