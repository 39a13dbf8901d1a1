namespace JollyBarn.Practice;

/// <summary>Numbers that drills are drawn by.</summary>
internal static class Seeds
{
    /// <summary>A number that neighbouring seeds share no pattern of: what <see cref="Random"/> draws first from seeds in a row is alike.
    /// The same on every machine. Mixed as in lowbias32, public domain.</summary>
    public static int Mixed(int seed, int level, int more)
    {
        unchecked
        {
            var x = (uint)((((seed * 31) + level) * 10_007) + more);
            x = (x ^ (x >> 16)) * 0x7feb352d;
            x = (x ^ (x >> 15)) * 0x846ca68b;
            return (int)(x ^ (x >> 16));
        }
    }
}
