import type { NewScheme, SchemePreview, StandingScheme } from '@kivex/contract';
import { strands, weightBounds, type ItemWeight, type MarkScheme, type Strand } from '@kivex/core';
import { Body, Controller, Param, ParseUUIDPipe } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsBoolean,
  IsIn,
  IsNumber,
  IsObject,
  IsOptional,
  IsString,
  IsUUID,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateIf,
  ValidateNested,
} from 'class-validator';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { SchemesService } from './schemes.service.js';

const weightSays = { message: `A weight is a number from 0 to ${weightBounds.most}.` };
/** A weight: 0 where a point does not count. */
const IsWeight = (): PropertyDecorator => (target, key) => {
  ApiProperty()(target, key);
  IsNumber({}, weightSays)(target, key);
  Min(0, weightSays)(target, key);
  Max(weightBounds.most, weightSays)(target, key);
};

class StrandWeightsDto implements Record<Strand, number> {
  @IsWeight() technique: number;
  @IsWeight() observation: number;
  @IsWeight() conclusion: number;
  @IsWeight() equation: number;
}

class ItemWeightDto implements ItemWeight {
  @ApiProperty() @IsIn(strands) strand: Strand;
  @ApiProperty() @IsString() @MaxLength(40) test: string;
  @ApiProperty({ required: false }) @IsOptional() @IsString() @MaxLength(40) attribute?: string;
  @IsWeight() weight: number;
}

const lateSays = { message: 'What is left of late work is a share from 0 to 1.' };

class SchemeDto implements MarkScheme {
  @ApiProperty() @IsObject() @ValidateNested() @Type(() => StrandWeightsDto) strands: StrandWeightsDto;
  @ApiProperty({ type: [ItemWeightDto] })
  @IsArray()
  @ArrayMaxSize(200)
  @ValidateNested({ each: true })
  @Type(() => ItemWeightDto)
  items: ItemWeightDto[];
  @ApiProperty() @IsIn(['trusted', 'best']) attempts: MarkScheme['attempts'];
  @ApiProperty() @IsBoolean() carriedForward: boolean;
  @ApiProperty() @IsIn(['own', 'group']) conclusions: MarkScheme['conclusions'];
  @ApiProperty() @IsBoolean() order: boolean;
  @ApiProperty() @IsNumber({}, lateSays) @Min(0, lateSays) @Max(1, lateSays) late: number;
}

class PreviewDto {
  @ApiProperty() @IsObject() @ValidateNested() @Type(() => SchemeDto) scheme: SchemeDto;
}

class NewSchemeDto implements NewScheme {
  @ApiProperty() @IsObject() @ValidateNested() @Type(() => SchemeDto) scheme: SchemeDto;
  @ApiProperty()
  @IsString()
  @Matches(/\S.*\S/s, { message: 'Say why, in a few words: the reason is kept with the scheme.' })
  @MaxLength(500, { message: 'A reason has at most 500 letters.' })
  reason: string;
  @ApiProperty({ nullable: true, type: String })
  @ValidateIf((_, from) => from !== null)
  @IsUUID('all')
  from: string | null;
}

class UndoSchemeDto {
  @ApiProperty() @IsUUID('all') from: string;
}

@Controller()
export class SchemesController {
  constructor(
    private readonly schemes: SchemesService,
    private readonly lessons: LessonsService,
  ) {}

  @Route('POST /api/lessons/:lesson/marks/scheme/preview')
  async preview(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { scheme }: PreviewDto,
  ): Promise<SchemePreview> {
    return this.schemes.preview(await this.lessons.own(staff.schoolId, id), scheme);
  }

  @Route('PUT /api/lessons/:lesson/marks/scheme')
  async set(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() wanted: NewSchemeDto,
  ): Promise<StandingScheme> {
    return this.schemes.set(staff, await this.lessons.own(staff.schoolId, id), wanted);
  }

  @Route('POST /api/lessons/:lesson/marks/scheme/undo')
  async undo(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() { from }: UndoSchemeDto,
  ): Promise<StandingScheme> {
    return this.schemes.undo(staff, await this.lessons.own(staff.schoolId, id), from);
  }
}
