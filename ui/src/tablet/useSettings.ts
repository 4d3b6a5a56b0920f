import { useSyncExternalStore } from 'react';
import { currentSettings, whenSettingsChange, type Settings } from './settings';

export function useSettings(): Settings {
  return useSyncExternalStore(whenSettingsChange, currentSettings);
}
