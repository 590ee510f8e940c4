import type { Room } from '@kivex/contract';
import { Body, Controller, HttpCode, Param, ParseUUIDPipe } from '@nestjs/common';
import { ApiProperty } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsInt,
  IsObject,
  IsString,
  Matches,
  Max,
  MaxLength,
  Min,
  ValidateNested,
} from 'class-validator';
import { ByStaff, type StaffCaller } from '../access/caller.js';
import { Route } from '../access/route.js';
import { Tidy } from '../input/tidy.js';
import { PlacesDto } from './places.dto.js';
import { RoomsService } from './rooms.service.js';

class BenchDto {
  @ApiProperty() @IsInt() @Min(0) @Max(30) row: number;
  @ApiProperty() @IsInt() @Min(0) @Max(30) column: number;
}
class RoomPlanDto {
  @ApiProperty() @IsInt() @Min(1) @Max(20) rows: number;
  @ApiProperty() @IsInt() @Min(1) @Max(20) columns: number;
  @ApiProperty({ type: [BenchDto] })
  @IsArray()
  @ArrayMinSize(1, { message: 'A room needs at least one bench.' })
  @ArrayMaxSize(60, { message: 'A room has at most 60 benches here.' })
  @ValidateNested({ each: true })
  @Type(() => BenchDto)
  benches: BenchDto[];
  @ApiProperty() @IsObject() @ValidateNested() @Type(() => PlacesDto) places: PlacesDto;
}
class RoomDto {
  @ApiProperty()
  @Tidy()
  @IsString()
  @Matches(/\S/, { message: 'Name the room, such as Lab 2.' })
  @MaxLength(60, { message: 'A room name has at most 60 characters.' })
  name: string;
  @ApiProperty() @IsObject() @ValidateNested() @Type(() => RoomPlanDto) plan: RoomPlanDto;
}
class SavedRoomDto extends RoomDto {
  @ApiProperty()
  @IsInt({ message: 'Say from which version this change began. Load the page again.' })
  @Min(1)
  from: number;
}

@Controller()
export class RoomsController {
  constructor(private readonly rooms: RoomsService) {}

  @Route('GET /api/rooms')
  list(@ByStaff() staff: StaffCaller): Promise<Room[]> {
    return this.rooms.list(staff.schoolId);
  }
  @Route('POST /api/rooms')
  add(@ByStaff() staff: StaffCaller, @Body() { name, plan }: RoomDto): Promise<Room> {
    return this.rooms.add(staff.schoolId, name, plan);
  }
  @Route('PUT /api/rooms/:room')
  change(
    @ByStaff() staff: StaffCaller,
    @Param('room', ParseUUIDPipe) id: string,
    @Body() saved: SavedRoomDto,
  ): Promise<Room> {
    return this.rooms.change(staff.schoolId, id, saved);
  }
  @Route('DELETE /api/rooms/:room')
  @HttpCode(204)
  remove(@ByStaff() staff: StaffCaller, @Param('room', ParseUUIDPipe) id: string): Promise<void> {
    return this.rooms.remove(staff.schoolId, id);
  }
}
