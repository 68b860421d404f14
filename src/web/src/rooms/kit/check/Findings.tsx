import CheckCircleOutlined from '@mui/icons-material/CheckCircleOutlined';
import HelpOutlineOutlined from '@mui/icons-material/HelpOutlineOutlined';
import ReportOutlined from '@mui/icons-material/ReportOutlined';
import { Box, Link as MuiLink, Typography } from '@mui/material';
import { Link } from 'react-router';
import type { Schema } from '../../../core/contract';
import { useWholeKit } from '../../../store/LocalDataContext';

const looks = {
  holds: { Icon: CheckCircleOutlined, colour: 'success.main', word: 'Holds' },
  fails: { Icon: ReportOutlined, colour: 'error.main', word: 'To mend' },
  unknown: { Icon: HelpOutlineOutlined, colour: 'warning.main', word: 'Not known' },
};

/** The seven findings: how each stands, its figure, and what mends it. */
export function Findings({ findings }: { findings: Schema<'KitFinding'>[] }) {
  const kit = useWholeKit();
  return (
    <Box component="ol" aria-label="Findings" sx={{ listStyle: 'none', m: 0, p: 0 }}>
      {findings.map((finding) => {
        const { Icon, colour, word } = looks[finding.state];
        const items =
          finding.state === 'holds' ? [] : kit.filter((item) => finding.itemIds.includes(item.id));
        return (
          <Box
            component="li"
            key={finding.number}
            sx={{ display: 'flex', gap: 1.5, py: 1.25, borderTop: 1, borderColor: 'divider' }}
          >
            <Icon aria-hidden sx={{ color: colour, mt: 0.25 }} />
            <Box sx={{ minWidth: 0 }}>
              <Typography sx={{ fontWeight: 700 }}>
                {finding.number} · {finding.title}: {word}
              </Typography>
              <Typography>{finding.figure}</Typography>
              {finding.fix && <Typography sx={{ fontWeight: 650 }}>{finding.fix}</Typography>}
              {items.length > 0 && (
                <Box sx={{ display: 'flex', columnGap: 2, flexWrap: 'wrap' }}>
                  {items.map((item) => (
                    <MuiLink
                      key={item.id}
                      component={Link}
                      to={`/kit/${item.id}`}
                      sx={{ minHeight: 48, display: 'inline-flex', alignItems: 'center' }}
                    >
                      {item.body.name}
                    </MuiLink>
                  ))}
                </Box>
              )}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
