/** Volume of a drop from an uncalibrated dropper, cm3. Source `school-practice`. */
export const usualDrop_mL = 0.05;
