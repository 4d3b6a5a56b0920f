import { degrees, length, type LengthDisplay } from './length';

/** How far something is off, and which way in words. */
interface Amount {
  amount: number;
  unit: 'mm' | 'degrees';
  direction: string;
}

/** A figure with its unit and its direction; the direction is left out where the figure shows as nothing. */
export function amount(value: Amount, display: LengthDisplay, digits = 2): string {
  const figure =
    value.unit === 'mm' ? length(value.amount, display) : degrees(value.amount, digits);
  return /[1-9]/.test(figure) ? `${figure} ${value.direction}` : figure;
}
