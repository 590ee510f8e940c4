import { staffRoles, type StaffRole } from '@kivex/contract';
import { ApiProperty } from '@nestjs/swagger';
import { IsBoolean, IsEmail, IsIn, IsString, Matches, MaxLength, MinLength } from 'class-validator';
import { Absent } from '../input/absent.js';
import { Tidy } from '../input/tidy.js';

const passwordShort = { message: 'A password has at least 10 characters; three words in a row are good.' };
const passwordLong = { message: 'A password has at most 200 characters.' };

class PersonDto {
  @ApiProperty()
  @Tidy()
  @IsString()
  @Matches(/\p{L}/u, { message: 'Write a name.' })
  @MaxLength(120, { message: 'A name has at most 120 letters.' })
  name: string;
  @ApiProperty()
  @IsEmail({}, { message: 'Write an e-mail address, such as name@school.example.' })
  @MaxLength(190)
  email: string;
  @ApiProperty() @IsString() @MinLength(10, passwordShort) @MaxLength(200, passwordLong) password: string;
}
export class NewStaffDto extends PersonDto {
  @ApiProperty({ enum: staffRoles })
  @IsIn(staffRoles, { message: 'Choose teacher, technician or head of department.' })
  role: StaffRole;
}
export class FirstSchoolDto extends PersonDto {
  @ApiProperty()
  @Tidy()
  @IsString()
  @Matches(/\S/, { message: 'Write the name of the school.' })
  @MaxLength(120, { message: 'A school name has at most 120 letters.' })
  school: string;
  @ApiProperty()
  @IsString()
  @MinLength(1, { message: 'Write the set-up code; it stands where Kivex was started.' })
  @MaxLength(60)
  setUpCode: string;
}
export class ChangePasswordDto {
  @ApiProperty()
  @IsString()
  @MinLength(1, { message: 'Write the password you have now.' })
  @MaxLength(200, passwordLong)
  current: string;
  @ApiProperty() @IsString() @MinLength(10, passwordShort) @MaxLength(200, passwordLong) next: string;
}

export class ChangeStaffDto {
  @ApiProperty({ required: false })
  @Absent()
  @IsBoolean({ message: 'Locked is yes or no.' })
  locked?: boolean;

  @ApiProperty({ required: false, enum: staffRoles })
  @Absent()
  @IsIn(staffRoles, { message: 'Choose teacher, technician or head of department.' })
  role?: StaffRole;
}

export class OwnPasswordDto {
  @ApiProperty()
  @IsString()
  @MinLength(1, { message: 'Write your password.' })
  @MaxLength(200, passwordLong)
  password: string;
}

export class CodeDto {
  @ApiProperty()
  @Matches(/^\d{6}$/, { message: 'The code is six digits; your authenticator shows it.' })
  code: string;
}
