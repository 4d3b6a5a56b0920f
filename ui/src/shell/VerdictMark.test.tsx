import { render, screen } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import type { VerdictWord } from '../api/types';
import { VerdictMark } from './VerdictMark';

describe('a verdict', () => {
  it('is a word and a shape of its own, not a colour alone', () => {
    const verdicts: [VerdictWord, string][] = [
      ['holds', 'Holds'],
      ['out', 'Out'],
      ['unproven', 'Unproven'],
      ['not-measured', 'Not measured'],
    ];
    const shapes = verdicts.map(([verdict, word]) => {
      const { container, unmount } = render(<VerdictMark verdict={verdict} />);
      expect(screen.getByText(word)).toBeInTheDocument();
      const shape = container.querySelector('svg')?.innerHTML;
      unmount();
      return shape;
    });
    expect(new Set(shapes).size).toBe(4);
  });
});
