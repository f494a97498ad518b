"""OpenUSD in its binary form (.usdc)."""

from ironarc.core.formats.usd import usd_format

FORMAT = usd_format("OpenUSD as binary", "usdc", "model/vnd.usdc")
