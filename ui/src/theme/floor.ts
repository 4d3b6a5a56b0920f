/** The floor keeps its colours in light and dark: it is a slate to draw on with chalk. */
export const slate = {
  ground: '#28303a',
  grid: '#36404c',
  wall: '#8b98a3',
  carFill: '#36434f',
  tyre: '#14181d',
  chalk: '#f3efe4',
  chalkSoft: '#b6bfc7',
  chalkFaint: '#7f8b96',
  laser: '#ff5bb0',
  brass: '#ffd166',
  beam: '#8fd3ff',
  zone: '#5d6a76',
} as const;
