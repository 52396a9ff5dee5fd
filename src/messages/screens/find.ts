export const find = {
  nothing: 'Nothing',
  forWord: (count: string | number, asked: string) => `${count} for “${asked}”`,
  theGuideWhatOne: 'The guide: what one sees, and what makers disagree on',
  askAsYouWould:
    'Ask as you would ask aloud: “what did I do on the plum bowls?”. Every word that names something must stand in it: a number, a wood, a design, a finish, a buyer, a word of a note.',
  andMoreAddA: (count: number) => `And ${count} more: add a word.`,
  piecesByTheirMark: 'Pieces by their mark or code',
};
