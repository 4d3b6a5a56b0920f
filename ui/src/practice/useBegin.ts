import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { answer, client } from '../api/client';
import type { components } from '../api/schema.generated';
import { uuid7 } from '../api/uuid7';

type Help = components['schemas']['Exercise']['help'];

/** What somebody takes to practise on. */
export interface Taken {
  lesson?: string;
  scenario?: string;
  set?: string;
  draw?: { kind: string; seed: number; difficulty: number };
  help?: Help;
}

/** Takes a simulated car, and goes to it: to its own screens with advice, to the bench without. */
export function useBegin() {
  const navigate = useNavigate();
  return useMutation({
    mutationFn: (taken: Taken) =>
      answer(client.POST('/api/practice', { body: { id: uuid7(), ...taken } })),
    onSuccess: ({ run }) => navigate(`/practice/runs/${run}`),
  });
}

export type { Help };
