import { cutOf, type CutWork } from '@inch-nest/core';
import type { NestRequest } from '@inch-nest/contracts';
import { BadInput } from './BadInput.ts';
import { drawCut } from '@inch-nest/formats';

/** What the box shop makes of a request: figures and parts, or their drawing. */
export function answerCut(request: NestRequest<'cut'>): unknown {
  const made = cut(request);
  return request.format === 'json' ? inPlainNames(made) : drawCut(made.parts, request.format);
}

function cut(request: NestRequest<'cut'>): CutWork {
  try {
    return cutOf(request);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    // what the core finds impossible names the figure first
    const [, name = '(request)', message = error.message] = /^(\w+?)(?:In)? (.*)$/.exec(error.message) ?? [];
    throw new BadInput([{ path: name, message }]);
  }
}

/** The same with each figure also by its plain name, as the other commands have theirs: inches and square inches. */
function inPlainNames({ parts, boardUsedIn2, wasteIn2, insideIn, outsideIn, ...own }: CutWork): unknown {
  const plain = Object.fromEntries(
    Object.entries(own).flatMap(([name, value]) => (/In$/.test(name) ? [[name.replace(/In$/, ''), value]] : [])),
  );
  return {
    ...own,
    ...plain,
    parts,
    boardUsed: boardUsedIn2,
    waste: wasteIn2,
    ...(insideIn ? { insideIn } : {}),
    insideAfter: insideIn,
    outsideAfter: outsideIn,
  };
}
