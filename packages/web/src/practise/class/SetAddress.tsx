/** Where a class finds a set on its own devices: an address, and a square to point a camera at. */
import { Box, chakra } from '@chakra-ui/react';
import { setInAddress, type QuestionSet } from '@kivex/core';
import QRCode from 'qrcode';
import { useEffect, useState } from 'react';

export function SetAddress({ set }: { readonly set: QuestionSet }) {
  const address = `${location.origin}/practise?part=recall&${setInAddress(set)}`;
  const [square, setSquare] = useState<string>();
  useEffect(() => {
    let wanted = true;
    void QRCode.toDataURL(address, { margin: 1, width: 220 }).then((url) => wanted && setSquare(url));
    return () => {
      wanted = false;
    };
  }, [address]);
  return (
    <Box display="flex" gap="4" alignItems="center" flexWrap="wrap">
      {square && <chakra.img src={square} alt="" width="110px" height="110px" />}
      <Box flex="1" minW="14rem">
        <chakra.p fontWeight="600">On their own devices, without a log-in:</chakra.p>
        <chakra.a href={address} color="permanganate" textDecoration="underline" overflowWrap="anywhere">
          {address}
        </chakra.a>
        <chakra.p fontSize="sm" color="ink.soft">
          Everybody gets the same questions, marked as set here. What each knew stays on the device.
        </chakra.p>
      </Box>
    </Box>
  );
}
