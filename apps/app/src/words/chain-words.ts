import { lengthWords } from './person-unit';
import { type ChainLink, type FaultChain } from '@fulcra/core';
import { signed } from './sit-number';

const CHAIN_WORDS: Readonly<Record<FaultChain['id'], string>> = {
  wideFront: 'Too wide in front sets off a chain',
  narrowFront: 'Too narrow in front sets off a chain',
  slope: 'The back’s own slope',
  slopeBack: 'The back’s own slope to the rear',
  groove: 'The girth groove lies ahead of the straps',
  grooveBehind: 'The girth groove lies behind the straps',
  flatTree: 'A tree flatter than the back',
  curvedTree: 'A tree more curved than the back',
  weakSide: 'A weaker side',
  croup: 'The back rises behind',
  roundBarrel: 'Flat withers and a round barrel',
  improving: 'The horse has improved',
};

function linkWords(link: ChainLink): string {
  switch (link.code) {
    case 'frontWide':
      return `the front is ${lengthWords(link.byMm.toFixed(0))} closer at the top than at the points`;
    case 'frontNarrow':
      return `the points are ${lengthWords(link.byMm.toFixed(0))} closer than the top`;
    case 'frontDropped':
      return `the front drops by ${Math.abs(link.pitchDeg).toFixed(1)}°`;
    case 'frontLifted':
      return `the front is lifted and the seat tips back by ${link.pitchDeg.toFixed(1)}°`;
    case 'withersClose':
      return link.overMm < 0.5 ? 'it comes down on the withers' : `only ${lengthWords(link.overMm.toFixed(0))} are left over the withers`;
    case 'strapsBehindGroove':
      return `the straps lean ${link.leanDeg.toFixed(0)}° and lie behind the groove`;
    case 'strapsAheadOfGroove':
      return `the straps lean ${Math.abs(link.leanDeg).toFixed(0)}° and lie ahead of the groove`;
    case 'strapsPull':
      return `and pull it toward the ${link.towards} with ${link.newtons.toFixed(0)} N`;
    case 'pulledForward':
      return `so it is pulled forward (drift ${signed(link.index, 2)})`;
    case 'pulledBack':
      return `so it is pushed back (drift ${signed(link.index, 2)})`;
    case 'backSlopesForward':
      return `the back alone pushes it forward with ${link.newtons.toFixed(0)} N`;
    case 'backSlopesBack':
      return `the back alone pushes it back with ${link.newtons.toFixed(0)} N`;
    case 'treeFlatterThanBack':
      return `${lengthWords(link.gapMm.toFixed(0))} of daylight under the middle`;
    case 'endsCarry':
      return `the ends carry ${Math.round(100 * link.share)} % of the load`;
    case 'endsPress':
      return `so they press ${link.ratio.toFixed(1)} times as hard as an exact fit`;
    case 'treeMoreCurvedThanBack':
      return `the middle third alone carries ${Math.round(100 * link.share)} %`;
    case 'tipsEasily':
      return `so it tips with ${link.pitchNmPerDeg.toFixed(0)} Nm a degree`;
    case 'sideLower':
      return `the ${link.side} side gives way by ${link.rollDeg.toFixed(1)}°`;
    case 'rearCarries':
      return `the rear third carries ${Math.round(100 * link.share)} %`;
    case 'turnsByShape':
      return `by its shape alone it turns with ${link.nmPerDeg.toFixed(1)} Nm a degree`;
    case 'letsGoEarly':
      return `it lets go at ${link.nm.toFixed(0)} Nm`;
    case 'withersUp':
      return `the withers have come up by ${lengthWords(link.byMm.toFixed(0))}`;
    case 'slipsToSide':
      return `so it wants to slip to the ${link.side} side (${link.index.toFixed(2)})`;
  }
}

export const chainSentence = ({ id, links }: FaultChain): string => `${CHAIN_WORDS[id]}: ${links.map(linkWords).join(', ')}.`;
