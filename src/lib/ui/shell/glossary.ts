/** A word of the screens, and what it means. */
export type Word = readonly [word: string, meaning: string];

/** The words that screens use in a sense of their own, one word a thing, by where they are met. */
export const glossary: readonly { readonly title: string; readonly words: readonly Word[] }[] = [
  {
    title: 'Items',
    words: [
      ['Skill', 'What can be practised: column addition, near doubles.'],
      ['Item', 'One calculation of a skill, to be worked.'],
      ['Feature', 'Something that is measured of an item: its digits, its carries.'],
      ['Control', 'What is asked of a feature: two carries, at most three digits.'],
      ['Method', 'How a skill is set out on paper, where there are several ways to do so.'],
      [
        'Way of working',
        'One of several skills that lead to the same answer, on paper or in the head.'
      ],
      [
        'Difficulty',
        'How hard an item is, as predicted: easy, middling or hard. The number behind the word is 0 for an average item; a pupil who gets half of those right gets one in four right at 1, and three in four at −1.'
      ],
      [
        'Error pattern',
        'A wrong way of working that pupils are known to have, with the answer it gives.'
      ],
      ['Problem', 'A calculation that is told in words, or several that follow each other.'],
      [
        'Context',
        'Where problems take place: people, things with their numbers, and stories of them.'
      ],
      [
        'Situation',
        'How the quantities of a problem hang together: parts of a whole, a change, a comparison, equal groups.'
      ],
      ['Distractor', 'A number that a problem tells and nobody needs.'],
      ['Bar model', 'A picture of a problem: its quantities as boxes, equal ones equally long.'],
      ['Slip', 'One wrong step that no error pattern explains.'],
      ['Seed', 'The number from which items are drawn: the same seed gives the same items again.']
    ]
  },
  {
    title: 'Papers',
    words: [
      ['Paper', 'What is printed and sat: a practice or an exam.'],
      ['Practice', 'A paper that rises step by step, from a worked example to a challenge.'],
      ['Ladder', 'The rungs of a practice, in their order.'],
      ['Rung', 'One step of a ladder: items of one kind, all under the same controls.'],
      ['Ramp', 'How difficulty rises from the first item of a paper to the last.'],
      ['Keep', 'An item that is kept stays where it is when its rung is drawn again.'],
      [
        'Edition',
        'A paper that was sat stays as it was; what is changed afterwards is its next edition.'
      ],
      ['Exam', 'A paper in sections and questions, with forms and a mark scheme.'],
      [
        'Plan',
        'What an exam must meet before its items are chosen: marks, minutes, rows, difficulty.'
      ],
      ['Row', 'One line of a plan: so many parts of a skill, with controls, presented in one way.'],
      ['Part', 'An item on an exam with its marks; several parts can make a question.'],
      ['Form', 'One of several versions of an exam that are worth the same.'],
      ['Spare', 'A printed form with no name on it; it is given its name when it is marked.']
    ]
  },
  {
    title: 'Marks',
    words: [
      ['Sitting', 'A class has sat a paper on a day.'],
      ['Script', 'What one pupil wrote at a sitting.'],
      ['Pile', 'All scripts of a sitting, or all answers to one question.'],
      [
        'M, A and B',
        'Marks for a method, for what is right after it, and for a result that stands alone.'
      ],
      ['Carried on', 'A step that is right from the pupil’s own wrong figure: it earns its mark.'],
      ['Mark by hand', 'A mark other than the proposed one, with the reason for it.'],
      [
        'Withdrawn',
        'A part that no longer counts after it was sat: everyone has full marks, or it is left out.'
      ],
      ['Boundary', 'The fewest marks with which a grade is reached.']
    ]
  },
  {
    title: 'Records',
    words: [
      [
        'Archived',
        'A class that was put away with its marks: out of the lists, and back at any time.'
      ],
      ['Bin', 'What was removed can be brought back from here for thirty days.'],
      ['Erase', 'A pupil’s name goes for good, from the bin too; marks stay without it.'],
      ['Log', 'What was done, and when.']
    ]
  }
];
