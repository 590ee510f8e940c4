/** Bodies of practising as they come in. */
import { screenWorkKinds, type ScreenWorkKind, type SentEntry } from '@kivex/contract';
import { asked, mostInSet, strictnesses, type Action, type Asked, type Strictness } from '@kivex/core';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
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
  ValidateNested,
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

const setCodeRule = { message: 'The code of a set is six digits; your teacher has it.' };
export class NewQuestionSetDto {
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'Give the set a name.' })
  @MaxLength(120, { message: 'The name of a set has at most 120 letters.' })
  name: string;
  @ApiProperty() @IsString() @MaxLength(36, { message: 'Choose a syllabus.' }) syllabus: string;
  @ApiProperty({ type: [String] })
  @IsArray({ message: 'Send the questions as a list.' })
  @ArrayMinSize(1, { message: 'A set has at least one question.' })
  @ArrayMaxSize(mostInSet, { message: `A set has at most ${mostInSet} questions.` })
  @IsString({ each: true, message: 'Choose questions from the list.' })
  @MaxLength(160, { each: true, message: 'Choose questions from the list.' })
  cards: string[];
  @ApiProperty({ required: false, enum: strictnesses })
  @IsOptional()
  @IsIn(strictnesses, { message: 'Choose how strictly it is marked.' })
  strictness?: Strictness;
}
export class OpenSetDto {
  @ApiProperty() @IsBoolean({ message: 'Say whether answers are gathered: true or false.' }) open: boolean;
}
export class SetCodeDto {
  @ApiProperty() @Matches(/^\d{6}$/, setCodeRule) code: string;
}
export class SetAnswerDto {
  @ApiProperty() @IsString() @MaxLength(160, { message: 'This is no question of the set.' }) card: string;
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'Write an answer.' })
  @MaxLength(500, { message: 'An answer has at most 500 letters.' })
  answer: string;
}
export class SetAnswersDto extends SetCodeDto {
  @ApiProperty({ type: [SetAnswerDto] })
  @IsArray({ message: 'Send the answers as a list.' })
  @ArrayMaxSize(mostInSet, { message: `Send at most ${mostInSet} answers at once.` })
  @ValidateNested({ each: true })
  @Type(() => SetAnswerDto)
  answers: SetAnswerDto[];
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
