'use client';
import { ChevronDown, ChevronRight } from 'lucide-react';
import type { Question, Side } from '@inch-nest/core';
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
  return (
    <div className="question">
      <button type="button" className="question-head" aria-expanded={isOpen} onClick={onOpen}>
        {isOpen ? <ChevronDown size={20} aria-hidden /> : <ChevronRight size={20} aria-hidden />}
        <b>{question.asks}</b>
        <span>{side ? side.name : question.sides.some(hasFigures) ? 'a way of our own' : 'not said yet: nothing is asked for'}</span>
      </button>
      {isOpen && (
        <div className="sides" role="group" aria-label={question.asks}>
          {question.sides.map((one) => {
            return (
              <div key={one.key} className={one.key === taken ? 'side on' : 'side'}>
                <button type="button" aria-pressed={one.key === taken} onClick={() => onTake(one.key)}>
                  {one.name}
                </button>
                {hasFigures(one) && <Effect effect={effectOf(one.key)} />}
                {one.does && <span className="soft effect">{one.does}</span>}
              </div>
            );
          })}
        </div>
      )}
    </div>
  );
}

const hasFigures = ({ sets }: Side): boolean => Object.keys(sets).length > 0;
