import { fireEvent, render, screen } from '@testing-library/react';
import { describe, expect, it, vi } from 'vitest';
import { cellsOf } from '../registers/cells';
import { typedValues, ValueFields } from './ValueFields';

const VALUES = [
  { id: 'front-left', label: 'Left front', unit: 'bar', wanted: '2.2 to 2.4 bar' },
  { id: 'front-right', label: 'Right front', unit: 'bar' },
];

describe('values of a precondition', () => {
  it('are sent where they were typed, and only this one’s', () => {
    expect(typedValues(VALUES, { 'front-left': ' 2,3 ', volt: '13' })).toEqual({
      values: { 'front-left': '2,3' },
    });
    expect(typedValues(VALUES, { 'front-right': ' ' })).toEqual({});
  });

  it('are answered by Enter in the last of them alone', () => {
    const enter = vi.fn();
    const type = vi.fn();
    render(<ValueFields values={VALUES} typed={{}} onType={type} onEnter={enter} />);
    fireEvent.keyDown(screen.getByLabelText('Left front, bar'), { key: 'Enter' });
    expect(enter).not.toHaveBeenCalled();
    fireEvent.keyDown(screen.getByLabelText('Right front, bar'), { key: 'Enter' });
    expect(enter).toHaveBeenCalledOnce();
    fireEvent.change(screen.getByLabelText('Left front, bar'), { target: { value: '2.3' } });
    expect(type).toHaveBeenCalledWith({ 'front-left': '2.3' });
    expect(screen.getByText('2.2 to 2.4 bar')).toBeInTheDocument();
  });

  it('are nothing where a precondition has none', () => {
    const { container } = render(<ValueFields values={[]} typed={{}} onType={vi.fn()} />);
    expect(container).toBeEmptyDOMElement();
  });
});

describe('a row of a file', () => {
  it('has our columns by where they are in theirs', () => {
    expect(cellsOf(['Vossen', 'Ketch'], { model: 1, make: 0, years: 7 })).toEqual({
      make: 'Vossen',
      model: 'Ketch',
      years: '',
    });
  });
});
