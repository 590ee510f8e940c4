/** Bodies of practising as they come in. */
import { screenWorkKinds, type ScreenWorkKind, type SentEntry } from '@kivex/contract';
import { asked, strictnesses, type Action, type Asked, type Strictness } from '@kivex/core';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsInt,
  IsObject,
  IsOptional,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
} from 'class-validator';

const codeRule = { message: 'The code of a question is six digits; it is on the board.' };

export class NewClassQuestionDto {
  @ApiProperty() @IsString() @MaxLength(36, { message: 'Choose a syllabus.' }) syllabus: string;
  @ApiProperty() @IsString() @MaxLength(160, { message: 'Choose a question.' }) card: string;
  @ApiProperty({ required: false, enum: strictnesses })
  @IsOptional()
  @IsIn(strictnesses, { message: 'Choose how strictly it is marked.' })
  strictness?: Strictness;
}
export class ChangeClassQuestionDto {
  @ApiProperty({ required: false }) @IsOptional() @IsBoolean() open?: boolean;
  @ApiProperty({ required: false }) @IsOptional() @IsBoolean() again?: boolean;
}
export class QuestionCodeDto {
  @ApiProperty() @Matches(/^\d{6}$/, codeRule) code: string;
}
export class ClassAnswerDto extends QuestionCodeDto {
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'Write an answer.' })
  @MaxLength(500, { message: 'An answer has at most 500 letters.' })
  answer: string;
}

export class NewScreenWorkDto {
  @ApiProperty({ enum: screenWorkKinds })
  @IsIn(screenWorkKinds, { message: 'Say what it is: pre-lab, catch-up or homework.' })
  kind: ScreenWorkKind;
  @ApiProperty({ enum: asked }) @IsIn(asked, { message: 'Say what is to be named.' }) asks: Asked;
  @ApiProperty()
  @IsInt({ message: 'The number of the unknown is a whole number from 1 to 99999.' })
  @Min(1, { message: 'The number of the unknown is a whole number from 1 to 99999.' })
  @Max(99_999, { message: 'The number of the unknown is a whole number from 1 to 99999.' })
  seed: number;
  @ApiProperty({ required: false })
  @IsOptional()
  @Matches(/^\d{4}-\d\d-\d\d$/, { message: 'Write the day as 2026-01-31.' })
  due?: string;
}

const most = 200;
export class ScreenRunDto {
  @ApiProperty({ type: [Object], description: 'As in docs/schemas/act.schema.json' })
  @IsArray({ message: 'Send actions as a list.' })
  @ArrayMaxSize(most, { message: `At most ${most} actions are taken; start anew.` })
  @IsObject({ each: true, message: 'Each action is an object.' })
  @Type(() => Object)
  actions: Action[];
  @ApiProperty({ type: [Object] })
  @IsArray({ message: 'Send entries as a list.' })
  @ArrayMaxSize(most, { message: `Send at most ${most} entries.` })
  @IsObject({ each: true, message: 'Each entry is an object.' })
  @Type(() => Object)
  entries: SentEntry[];
}
