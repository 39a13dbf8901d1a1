namespace JollyBarn.Practice;

/// <summary>How well something was remembered.</summary>
public enum Grade
{
    Again = 1,
    Hard = 2,
    Good = 3,
    Easy = 4,
}

/// <summary>How well a skill is kept in mind.</summary>
/// <param name="Stability">Days until one in ten has forgotten it.</param>
/// <param name="Difficulty">1 to 10.</param>
public readonly record struct Memory(double Stability, double Difficulty);

/// <summary>When a skill comes back: the free spaced repetition scheduler, FSRS version 6, with its published default weights (21 of them)
/// and no steps within a day. Its formulas stand in the wiki of the algorithm; values are rounded to eight places as its reference
/// does.</summary>
public static class Recall
{
    /// <summary>Share that is to be remembered still when a skill comes back.</summary>
    public const double Wanted = 0.9;

    private const double Least = 1e-3,
        Most = 36_500;

    private static readonly double[] W =
    [
        0.212,
        1.2931,
        2.3065,
        8.2956,
        6.4133,
        0.8334,
        3.0194,
        0.001,
        1.8722,
        0.1666,
        0.796,
        1.4835,
        0.0614,
        0.2629,
        1.6483,
        0.6014,
        1.8729,
        0.5425,
        0.0912,
        0.0658,
        0.1542,
    ];

    private static readonly double Decay = -W[20];

    private static readonly double Factor = Eight(Math.Exp(Math.Log(0.9) / Decay) - 1);

    /// <summary>What is kept in mind after a practice.</summary>
    /// <param name="before">Null for what was never practised.</param>
    /// <param name="days">Whole days since it was practised last.</param>
    public static Memory Next(Memory? before, int days, Grade grade)
    {
        ArgumentOutOfRangeException.ThrowIfNegative(days);
        if (before is not { } memory)
        {
            return new(Math.Max(W[(int)grade - 1], 0.1), Math.Clamp(FirstDifficulty(grade), 1, 10));
        }

        var (stability, difficulty) = (memory.Stability, memory.Difficulty);
        var kept = Kept(memory, days);
        var after =
            grade == Grade.Again
                ? Math.Clamp(Eight(stability), Least, Forgotten(difficulty, stability, kept))
                : Remembered(difficulty, stability, kept, grade);
        return new(after, NextDifficulty(difficulty, grade));
    }

    /// <summary>Share that remembers it still after so many days.</summary>
    public static double Kept(Memory memory, double days) => Eight(Math.Pow(1 + (Factor * days / memory.Stability), Decay));

    /// <summary>Whole days until it comes back, 1 or more.</summary>
    public static int Days(Memory memory)
    {
        var modifier = Eight((Math.Pow(Wanted, 1 / Decay) - 1) / Factor);
        return (int)Math.Clamp(Math.Round(memory.Stability * modifier, MidpointRounding.AwayFromZero), 1, Most);
    }

    private static double FirstDifficulty(Grade grade) => Eight(W[4] - Math.Exp(((int)grade - 1) * W[5]) + 1);

    private static double NextDifficulty(double difficulty, Grade grade)
    {
        var change = Eight(-W[6] * ((int)grade - 3) * (10 - difficulty) / 9);
        return Math.Clamp(Eight((W[7] * FirstDifficulty(Grade.Easy)) + ((1 - W[7]) * (difficulty + change))), 1, 10);
    }

    private static double Remembered(double difficulty, double stability, double kept, Grade grade)
    {
        var more =
            Math.Exp(W[8])
            * (11 - difficulty)
            * Math.Pow(stability, -W[9])
            * (Math.Exp((1 - kept) * W[10]) - 1)
            * (grade == Grade.Hard ? W[15] : 1)
            * (grade == Grade.Easy ? W[16] : 1);
        return Eight(Math.Clamp(stability * (1 + more), Least, Most));
    }

    private static double Forgotten(double difficulty, double stability, double kept) =>
        Eight(
            Math.Clamp(
                W[11] * Math.Pow(difficulty, -W[12]) * (Math.Pow(stability + 1, W[13]) - 1) * Math.Exp((1 - kept) * W[14]),
                Least,
                Most
            )
        );

    private static double Eight(double value) => Math.Round(value, 8);
}
