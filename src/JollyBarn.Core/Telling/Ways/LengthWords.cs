using JollyBarn.Measures;

namespace JollyBarn.Telling.Ways;

/// <summary>Lengths as one cuts them.</summary>
internal static class LengthWords
{
    /// <summary>Feet and inches from two feet on, to the next whole inch, below it to the next eighth: what is cut is never
    /// short.</summary>
    public static string Of(Length length)
    {
        var inches = (int)Math.Ceiling(length.InInches);
        return inches < 24 ? Length.FromInches(Math.Ceiling(length.InInches * 8) / 8).ToString()
            : inches % 12 == 0 ? $"{inches / 12} ft"
            : $"{inches / 12} ft {inches % 12} in";
    }
}
