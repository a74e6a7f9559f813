'use client';
import { ChevronDown, ChevronRight } from 'lucide-react';
import type { Question } from '@inch-nest/core';
import type { HouseEffect } from './useEffects.ts';
import { Effect } from './Effect.tsx';

/** One question: folded to the side taken; open, every side with what it does to the sample piece. */
export function QuestionSides({
  question,
  taken,
  isOpen,
  onOpen,
  effectOf,
  onTake,
}: {
  question: Question;
  taken: string | null;
  isOpen: boolean;
  onOpen: () => void;
  effectOf: (side: string) => HouseEffect | undefined;
  onTake: (side: string) => void;
}) {
  const side = question.sides.find((one) => one.key === taken);
  const moves = question.sides.some((one) => Object.keys(one.sets).length > 0);
  return (
    <div className="question">
      <button type="button" className="question-head" aria-expanded={isOpen} onClick={onOpen}>
        {isOpen ? <ChevronDown size={20} aria-hidden /> : <ChevronRight size={20} aria-hidden />}
        <b>{question.asks}</b>
        <span>{side ? side.name : moves ? 'a way of our own' : 'said at the bench, no figure moves'}</span>
      </button>
      {isOpen && (
        <div className="sides" role="group" aria-label={question.asks}>
          {question.sides.map((one) => {
            const figures = Object.keys(one.sets).length > 0;
            return (
              <div key={one.key} className={one.key === taken ? 'side on' : 'side'}>
                {figures ? (
                  <button type="button" aria-pressed={one.key === taken} onClick={() => onTake(one.key)}>
                    {one.name}
                  </button>
                ) : (
                  <b>{one.name}</b>
                )}
                {figures ? <Effect effect={effectOf(one.key)} /> : <span className="soft effect">{one.atTheBench ?? 'as you like'}</span>}
                {figures && one.atTheBench && <span className="soft effect">{one.atTheBench}</span>}
              </div>
            );
          })}
        </div>
      )}
    </div>
  );
}
