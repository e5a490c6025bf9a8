import type { OptionWords } from '../../options';

const WORKED_WITH = {
  own: { label: 'Its own tail', help: 'Left long enough for it: nothing is joined on, half the ends to hide.' },
  cut: { label: 'Cut yarn', help: 'A length of its own, and two more ends to hide.' }
};

const AT_ENDS = { both: 'Both ends', first: 'The first end', last: 'The last end' };

/** Ends and finishing. */
export const ends: Readonly<Record<string, OptionWords>> = {
  closing: {
    title: 'Closing the crown',
    choices: {
      draw: {
        label: 'One end, then the other',
        help: 'The lining end is drawn shut and pushed up inside, its tail brought out; then the outer end is drawn. Both tails are knotted together: the lining cannot slip.'
      },
      pinch: {
        label: 'Both ends, then pinched',
        help: 'Both ends are drawn shut, the tube is pinched in the middle, the lining half pushed in and the points sewn together: quickest for a series.'
      },
      zip: {
        label: 'Zipped',
        help: 'The outer end is pushed in, both edges are sewn stitch by stitch and drawn in turn, then the hat is turned: flat, without a lump.'
      },
      pull: {
        label: 'Pulled through',
        help: 'The outer end is pushed in and stands a little out of the lining end; both are drawn and sewn together, then the hat is turned.'
      }
    }
  },
  outer: {
    title: 'Outside when finished',
    choices: {
      first: { label: 'The rows knitted first', help: 'The outside is knitted first, then the lining.' },
      last: { label: 'The rows knitted last', help: 'The lining is knitted first, then the outside.' }
    }
  },
  joinBy: {
    title: 'Ends at a change of colour',
    choices: {
      knot: { label: 'Knotted', help: 'A real knot, pulled up once the piece was stretched: it survives the wash.' },
      weave: { label: 'Woven in', help: 'One overhand knot, each end woven into its own colour: soft, no lump.' },
      machine: {
        label: 'Tied at the machine',
        help: 'Knotted a few rows on and trimmed: nothing is turned or tied later, but a knot may pop through when the piece is stretched.'
      }
    }
  },
  waste: {
    title: 'Waste yarn',
    choices: {
      habit: { label: 'As you always do', help: 'The rows of your habits, set on the Machines page.' },
      few: { label: '5 rows', help: 'Enough to hold; little to unpick.' },
      ten: { label: '10 rows', help: 'Easier to hold while threading.' },
      fifteen: { label: '15 rows', help: 'Safest, the longest unpicking.' },
      none: { label: 'None', help: 'The tails are the drawstrings.' }
    }
  },
  wasteYarn: { title: 'Waste yarn', empty: 'The colour furthest from the work' },
  separator: { title: 'One row of a third colour next to the work', help: 'The waste then comes away in one pull.' },
  wasteWay: {
    title: 'Taking the waste off',
    choices: {
      strand: {
        label: 'Pull one strand',
        help: 'The one that runs through the loops next to the work; the rest falls off whole, and can be kept.'
      },
      unravel: {
        label: 'Unravel it',
        help: 'From its last row; from the cast-on pin by pin first, which is a nuisance.'
      },
      cut: { label: 'Cut it away', help: 'With scissors just beyond the secured row: quick, and the waste is lost.' }
    }
  },
  firstTail: {
    title: "The work's first tail",
    choices: {
      drop: { label: 'Dropped into the middle', help: 'It hangs free until the waste comes off.' },
      tie: { label: 'Tied very loosely', help: 'Marks the first stitch, to be found later.' }
    }
  },
  thread: { title: 'A stronger thread to draw with', empty: "The work's own tail" },
  threadAt: { title: 'Stronger thread at', choices: AT_ENDS },
  doubled: { title: 'Draw with the thread doubled' },
  doubledAt: { title: 'Doubled at', choices: AT_ENDS },
  firstWith: { title: 'First end, worked with', choices: WORKED_WITH },
  lastWith: { title: 'Last end, worked with', choices: WORKED_WITH },
  topWith: { title: 'Top, closed with', choices: WORKED_WITH },
  sewWith: { title: 'Parts, sewn on with', choices: WORKED_WITH },
  trim: { title: 'On top', choices: { none: 'Nothing', pompom: 'A pompom', cord: 'Two tie cords' } },
  by: {
    title: 'Closing straight across',
    choices: {
      hook: { label: 'With a hook', help: 'Quick and firm, a ridge inside.' },
      needle: { label: 'With a needle', help: 'Flatter and softer.' },
      loops: { label: 'Loop through loop', help: 'No yarn of its own; the last loop takes the tail.' }
    }
  },
  gathered: { title: 'Gather the corners into round ears' },
  ends: {
    title: 'Both ends',
    choices: {
      drawn: { label: 'Drawn shut', help: 'Quick; made for a pompom.' },
      straight: { label: 'Closed straight across', help: 'Flat ends, as wide as the scarf.' }
    }
  },
  closeBy: {
    title: 'Closing straight across',
    choices: {
      loops: { label: 'Loop through loop', help: 'No yarn of its own; the last loop takes the tail.' },
      hook: { label: 'With a hook', help: 'Slip stitches of cut yarn: quick, firm, a ridge inside.' }
    }
  },
  edges: {
    title: 'Edges',
    choices: {
      crochet: { label: 'Crocheted', help: 'A soft edge that gives.' },
      doubled: { label: 'Doubled start, chained end', help: 'The first rows are lifted back onto the pins.' },
      chained: { label: 'Wrapped and chained', help: 'Both edges made at the machine.' }
    }
  },
  cuffRows: { title: 'Rows of the doubled edge', help: 'Half of them are its height.' },
  toe: {
    title: 'Toe',
    choices: {
      flat: { label: 'Gathered half, sewn flat', help: 'It does not bunch: no bulky point in the shoe.' },
      drawn: { label: 'Drawn shut', help: 'Quick; for bed socks.' }
    }
  },
  neck: {
    title: 'Over the shoulders',
    choices: {
      straps: { label: 'Straps', help: 'Chained from the front edge over the shoulder to the back.' },
      halter: { label: 'A halter loop', help: 'One loop from the centre front over the head; it can be tied behind.' }
    }
  },
  straps: { title: 'Number of straps' },
  halterBy: { title: 'Length of the halter', choices: { head: 'By the head', count: 'Counted in chains' } },
  halterChains: { title: 'Chains of the halter' },
  strapMm: { title: 'Length of a strap' },
  chainPer10: { title: 'Chains to 10 cm', help: 'Your hook and yarn: chain 10 cm and count.' },
  handle: { title: 'A handle', help: 'A short tube closed at both ends.' },
  handleRows: { title: 'Rows of the handle' },
  strap: { title: 'A long strap', help: 'A cord from point to point, to wear over the shoulder.' },
  strapPins: { title: 'Pins of the strap' },
  purlOut: { title: 'Purl side out', help: 'The bumpy side foams and scrubs.' },
  top: {
    title: 'Top edge',
    choices: {
      crochet: { label: 'Crocheted', help: 'Soft, gives over the shoulder.' },
      chain: { label: 'Chained off', help: 'Done at the machine.' }
    }
  },
  eyes: {
    title: 'Eyes',
    choices: {
      embroidered: { label: 'Embroidered', help: 'Cannot come off.' },
      safety: { label: 'Safety eyes', help: 'Not for children under 3.' }
    }
  },
  castOn: {
    title: 'Cast-on',
    choices: {
      'e-wrap': { label: 'Wrapped', help: 'A lasting edge.' },
      weave: { label: 'Woven', help: 'Quick; can be drawn up.' },
      waste: { label: 'On waste yarn', help: 'Live stitches for a later edge.' }
    }
  },
  off: {
    title: 'Last edge',
    choices: {
      chain: 'Chained off',
      waste: 'On waste yarn',
      thread: { label: 'Onto a thread', help: 'Live stitches, to be joined.' }
    }
  },
  start: {
    title: 'The first end',
    choices: {
      drawn: 'Drawn shut',
      straight: 'Closed straight across',
      crochet: 'Crocheted edge',
      wrapped: { label: 'Wrapped cast-on', help: 'A snug, lasting edge at once.' }
    }
  },
  end: {
    title: 'The last end',
    choices: {
      drawn: 'Drawn shut',
      straight: 'Closed straight across',
      crochet: 'Crocheted edge',
      chain: { label: 'Chained off', help: 'A lasting edge on the machine; firm, not tight.' }
    }
  }
};
