import type { NewRule, RulePreview, SchoolRule } from '@kivex/contract';
import { Body, Controller, HttpCode, Param, ParseUUIDPipe } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { IsInt, IsString, IsUUID, Matches, Max, MaxLength, Min } from 'class-validator';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { LessonsService } from '../lessons/lessons.service.js';
import { AnswerRulesService } from './answer-rules.service.js';
import { FlagsService } from './flags.service.js';

class TriedRuleDto implements Pick<NewRule, 'mark' | 'points'> {
  @ApiProperty() @IsUUID('all') mark: string;
  @ApiProperty()
  @IsInt({ message: 'Points are whole numbers.' })
  @Min(0, { message: 'Points are 0 or more.' })
  @Max(20)
  points: number;
}
class NewRuleDto extends TriedRuleDto implements NewRule {
  @ApiProperty()
  @IsString()
  @Matches(/\S.*\S/s, { message: 'Say why, in a few words: the reason is kept with the rule.' })
  @MaxLength(500, { message: 'A reason has at most 500 letters.' })
  reason: string;
}
class FlagDto {
  @ApiProperty()
  @IsString()
  @MaxLength(200, { message: 'A note has at most 200 letters.' })
  note: string;
}

@Controller()
export class AnswerRulesController {
  constructor(
    private readonly rules: AnswerRulesService,
    private readonly flags: FlagsService,
    private readonly lessons: LessonsService,
  ) {}

  @Route('GET /api/answer-rules')
  list(@ByStaff() staff: StaffCaller): Promise<readonly SchoolRule[]> {
    return this.rules.list(staff);
  }

  @Route('POST /api/lessons/:lesson/marks/rules/preview')
  @HttpCode(200)
  async preview(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() tried: TriedRuleDto,
  ): Promise<RulePreview> {
    return this.rules.preview(staff, await this.lessons.own(staff.schoolId, id), tried);
  }

  @Route('POST /api/lessons/:lesson/marks/rules')
  async make(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Body() rule: NewRuleDto,
  ): Promise<SchoolRule> {
    return this.rules.make(staff, await this.lessons.own(staff.schoolId, id), rule);
  }

  @Route('POST /api/answer-rules/:rule/undo')
  @HttpCode(204)
  undo(@ByStaff() staff: StaffCaller, @Param('rule', ParseUUIDPipe) id: string): Promise<void> {
    return this.rules.undo(staff, id);
  }

  @Route('PUT /api/lessons/:lesson/marks/:mark/flag')
  @HttpCode(204)
  async flag(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('mark', ParseUUIDPipe) mark: string,
    @Body() { note }: FlagDto,
  ): Promise<void> {
    await this.flags.set(staff, await this.lessons.own(staff.schoolId, id), mark, note);
  }

  @Route('DELETE /api/lessons/:lesson/marks/:mark/flag')
  @HttpCode(204)
  async unflag(
    @ByStaff() staff: StaffCaller,
    @Param('lesson', ParseUUIDPipe) id: string,
    @Param('mark', ParseUUIDPipe) mark: string,
  ): Promise<void> {
    await this.flags.clear(await this.lessons.own(staff.schoolId, id), mark);
  }
}
