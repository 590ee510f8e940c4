/** Where a class finds a set on its own devices: an address, and a square to point a camera at. */
import { Box, chakra } from '@chakra-ui/react';
import QRCode from 'qrcode';
import { useEffect, useState } from 'react';

interface SetAddressProps {
  readonly address: string;
  /** Of a set whose answers are gathered. */
  readonly code?: string;
}

export function SetAddress({ address, code }: SetAddressProps) {
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
        {code ? (
          <chakra.p fontSize="lg">
            or the code{' '}
            <chakra.span fontFamily="mono" fontSize="2xl" fontWeight="700" letterSpacing="0.1em">
              {code}
            </chakra.span>{' '}
            at {location.host}/answer
          </chakra.p>
        ) : (
          <chakra.p fontSize="sm" color="ink.soft">
            Everybody gets the same questions, marked as set here. What each knew stays on the device.
          </chakra.p>
        )}
      </Box>
    </Box>
  );
}
