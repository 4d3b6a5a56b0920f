import { render } from '@testing-library/react';
import { expect, it } from 'vitest';
import { keepStripHeight, StripPlace } from './StripPlace';

it('keeps the place that the strip had in a window as wide, and none where there was none', () => {
  localStorage.removeItem('lumbro-strip');
  const { container, rerender } = render(<StripPlace />);
  expect(container).toBeEmptyDOMElement();
  keepStripHeight(203.6);
  rerender(<StripPlace />);
  expect(container.firstChild).toHaveStyle({ height: '203.6px' });
  const wide = window.innerWidth;
  window.innerWidth = 390;
  rerender(<StripPlace />);
  expect(container).toBeEmptyDOMElement();
  window.innerWidth = wide;
  keepStripHeight(0);
  rerender(<StripPlace />);
  expect(container).toBeEmptyDOMElement();
});
