'use client';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { HandsQuestion } from '@inch-nest/core';
import type { Practice, PracticeKey } from '@inch-nest/contracts';
import { send } from '../../session/http.ts';
import { useShop } from '../../session/ShopContext.tsx';
import { answerWords, isGood, judgedWords, questionWords } from '../../words/handsWords.ts';

/** One piece to practise on, question after question; what was answered stands beneath. */
export function PracticePiece({ piece, onNext }: { piece: PracticeKey; onNext: () => void }) {
  const { write } = useShop();
  const { data, error } = useQuery({
    queryKey: ['practice', piece],
    queryFn: () => send<Practice>('GET', `/api/hands?piece=${piece}`),
    staleTime: Infinity,
  });
  const [answered, setAnswered] = useState<readonly number[]>([]);
  const head = useRef<HTMLHeadingElement>(null);
  const at = answered.length;
  const [open, setOpen] = useState(0);
  useEffect(() => head.current?.focus(), [open, data]);
  if (error) return <p role="alert">The bench could not be reached; press the piece again.</p>;
  if (!data) return <p role="status">Packing it …</p>;
  const { questions } = data;
  const facts = [
    data.kind.toLowerCase(),
    data.sizeIn.every((side) => side !== null) ? write.size(data.sizeIn) : '',
    data.weightLb === null ? '' : write.weight(data.weightLb),
  ];
  const shown = questions[open];
  const good = answered.filter((choice, i) => isGood(questions[i]!.answers[choice]!)).length;
  return (
    <section className="practice" aria-label={data.title}>
      <p className="practice-facts">
        <b>{data.title}</b> <span className="soft">{facts.filter(Boolean).join(' · ')}</span>
      </p>
      {questions.length === 0 && <p>Nothing in the stockroom makes a nest for it today.</p>}
      {shown && (
        <Question
          key={open}
          head={head}
          question={shown}
          count={`${open + 1} of ${questions.length}`}
          answer={answered[open] ?? null}
          onAnswer={(choice) => setAnswered([...answered, choice])}
        />
      )}
      {shown && at > open && (
        <Button type="primary" autoFocus onClick={() => setOpen(open + 1)}>
          {open + 1 < questions.length ? 'Next question' : 'How it went'}
        </Button>
      )}
      {!shown && questions.length > 0 && (
        <>
          <h2 ref={head} tabIndex={-1}>
            {good} of {questions.length} as a good packer would
          </h2>
          <div className="act-row">
            <Button type="primary" onClick={onNext}>
              The next piece
            </Button>
            <Button
              onClick={() => {
                setAnswered([]);
                setOpen(0);
              }}
            >
              This one again
            </Button>
          </div>
        </>
      )}
    </section>
  );
}

interface Asked {
  head: React.RefObject<HTMLHeadingElement | null>;
  question: HandsQuestion;
  count: string;
  /** Which was taken; null before that. */
  answer: number | null;
  onAnswer: (answer: number) => void;
}

function Question({ head, question, count, answer, onAnswer }: Asked) {
  const { shop, write, can } = useShop();
  const nameOf = (key: string) => shop.stock.wraps.find((wrap) => wrap.key === key)?.name ?? key;
  const planned = question.answers.find(({ verdict }) => verdict === 'asPlanned')!;
  const isAnswered = answer !== null;
  return (
    <>
      <h2 ref={head} tabIndex={-1}>
        {questionWords(question, nameOf)} <span className="soft">{count}</span>
      </h2>
      <ul className="practice-answers">
        {question.answers.map((one, i) => (
          <li key={answerWords(one.answer)} className={isAnswered ? (isGood(one) ? 'good' : 'poor') : ''}>
            <Button aria-pressed={answer === i} aria-disabled={isAnswered} onClick={() => !isAnswered && onAnswer(i)}>
              {answerWords(one.answer)}
            </Button>
            {isAnswered && (
              <span>
                {isGood(one) ? '✓' : '✗'} {judgedWords(one, planned, write, can('money'))}
              </span>
            )}
          </li>
        ))}
      </ul>
      <p role="status" className="unseen">
        {isAnswered && judgedWords(question.answers[answer]!, planned, write, can('money'))}
      </p>
    </>
  );
}
