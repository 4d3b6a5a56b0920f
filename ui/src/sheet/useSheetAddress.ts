import { useCallback } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';

/** Which sheet the address asks for, and what in it; null where it leaves that to the work itself. */
export interface SheetAddress<Sheet extends string> {
  shown: Sheet | null;
  /** What is open in the sheet: a call, the ways to measure. */
  detail: string | null;
  /** Goes to a sheet, so that Back returns; without one, to whatever the work is at. */
  show: (sheet: Sheet | null, detail?: string | null) => void;
}

/** Sheets have addresses of their own: Back, reload and a link that was sent work. */
export function useSheetAddress<Sheet extends string>(
  base: string,
  known: readonly Sheet[],
): SheetAddress<Sheet> {
  const { sheet, detail = null } = useParams();
  const navigate = useNavigate();
  const path = useLocation().pathname;
  const shown = known.find((one) => one === sheet) ?? null;
  const show = useCallback(
    (next: Sheet | null, within: string | null = null) => {
      const place = [base, next, next === null ? null : within]
        .filter((part) => part !== null)
        .join('/');
      // Where one is already, Back would lead nowhere.
      if (place !== path) {
        void navigate(place);
      }
    },
    [base, navigate, path],
  );
  return { shown, detail: shown === null ? null : detail, show };
}
