import { type RiderMeasure } from '@fulcra/core';

/** What each measure of a rider is called, and how it is taken. */
export const RIDER_MEASURE_WORDS: Readonly<Record<RiderMeasure, { readonly name: string; readonly how: string }>> = {
  stature: { name: 'Height', how: 'Without boots, back to a wall, a flat thing level on the head.' },
  insideLeg: {
    name: 'Inside leg',
    how: 'Without boots, a flat thing pulled up firmly between the legs; from its upper edge to the floor.',
  },
  buttockToKneeHollow: { name: 'Buttock to hollow of the knee', how: 'Seated upright, back to a wall, knees at a right angle.' },
  thigh: { name: 'Thigh', how: 'From the bony knob at the side of the hip to the middle of the knee joint, seated.' },
  kneeToSole: { name: 'Knee to sole', how: 'Seated, from the middle of the knee joint straight down to the bare sole.' },
  ankleHeight: { name: 'Ankle height', how: 'From the middle of the ankle bone to the bare sole, standing.' },
  ankleToBall: { name: 'Ankle to ball of the foot', how: 'Level, from the ankle bone to the broadest place of the foot.' },
  heelToAnkle: { name: 'Heel to ankle', how: 'Level, from the back of the heel to the ankle bone.' },
  hipBreadth: { name: 'Breadth of the hips, seated', how: 'Between two flat things held upright against the hips, seated.' },
  hipJointHalfDistance: { name: 'Hip joint from the middle', how: 'Seldom measured: half the distance between the hip joints.' },
  hipJointAboveSeat: {
    name: 'Hip joint over the seat',
    how: 'Seldom measured: seated, from the seat up to the bony knob at the side of the hip.',
  },
  shoulderAboveHip: {
    name: 'Shoulder over the hip',
    how: 'Seated upright, from the bony knob of the hip up to the point of the shoulder.',
  },
  bootSole: { name: 'Boot sole', how: 'Thickness under the ball of the foot.' },
  armpitToFingertip: { name: 'Armpit to fingertip', how: 'Arm stretched level, from the armpit to the tip of the middle finger.' },
};
