import { storeForms, type StoreForm, type StoreItem } from '@kivex/core';
import { ApiProperty } from '@nestjs/swagger';
import { IsIn, IsNumber, IsOptional, IsString, Matches, Max, MaxLength, Min } from 'class-validator';

const day = { message: 'Write a day like 2026-11-25, or leave it empty.' };
const dayPattern = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/;
const figure = (what: string) => ({ message: `${what} is a number, 0 or more.` });

export class StoreItemDto {
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'Write what it is.' })
  @MaxLength(120, { message: 'A name has at most 120 letters.' })
  name: string;
  @ApiProperty() @IsString() @MaxLength(80, { message: 'A formula has at most 80 signs.' }) formula: string;
  @ApiProperty({ enum: storeForms }) @IsIn(storeForms, { message: 'Choose a form.' }) form: StoreForm;
  @ApiProperty({ nullable: true, type: Number })
  @IsOptional()
  @IsNumber({}, figure('The strength'))
  @Min(0, figure('The strength'))
  @Max(40)
  molarity: number | null;
  @ApiProperty({ nullable: true, type: Number })
  @IsOptional()
  @IsNumber({}, figure('The percent'))
  @Min(0, figure('The percent'))
  @Max(100, { message: 'A mass percent is at most 100.' })
  percent: number | null;
  @ApiProperty({ nullable: true, type: Number })
  @IsOptional()
  @IsNumber({}, figure('The density'))
  @Min(0, figure('The density'))
  @Max(25)
  density: number | null;
  @ApiProperty() @IsIn(['g', 'mL', 'pieces'], { message: 'Choose a unit.' }) unit: StoreItem['unit'];
  @ApiProperty() @IsString() @MaxLength(80) place: string;
  @ApiProperty() @IsNumber({}, figure('“Warn below”')) @Min(0, figure('“Warn below”')) lowBelow: number;
}
export class BatchMarksDto {
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'Give the batch a mark, such as the number on the bottle.' })
  @MaxLength(40, { message: 'A batch mark has at most 40 signs.' })
  code: string;
  @ApiProperty({ nullable: true, type: String }) @IsOptional() @Matches(dayPattern, day) opened:
    string | null;
  @ApiProperty({ nullable: true, type: String }) @IsOptional() @Matches(dayPattern, day) expires:
    string | null;
}
export class NewBatchDto extends BatchMarksDto {
  @ApiProperty()
  @IsNumber({}, figure('The amount'))
  @Min(0, figure('The amount'))
  @Max(1e7)
  amount: number;
}
export class MoveDto {
  @ApiProperty({ description: 'Less than 0: taken out' })
  @IsNumber({}, { message: 'The amount is a number.' })
  @Min(-1e7)
  @Max(1e7)
  amount: number;
  @ApiProperty()
  @IsString()
  @Matches(/\S/, { message: 'Say why, in a word or two.' })
  @MaxLength(160, { message: 'A reason has at most 160 letters.' })
  reason: string;
}
