using JollyBarn.Testing.Oracle;

namespace JollyBarn.Bench;

/// <summary>Two thousand spoilt houses held against the solved network, as a table.</summary>
internal static class OracleTable
{
    private const int Seeds = 320;

    public static void Print()
    {
        var trials = Trials.Run(Enumerable.Range(1, Seeds));
        Console.WriteLine(
            "| Spoilt by | Tried | Instruments find it | Nobody could | Only another outlet switched | Missed by the rules "
                + "| Stopped without cause |"
        );
        Console.WriteLine("|---|---|---|---|---|---|---|");
        foreach (var line in trials.Table)
        {
            Console.WriteLine(line);
        }

        Console.WriteLine();
        Console.WriteLine($"Said by one rule alone: {string.Join(", ", trials.Needed.Select(n => $"{n.Rule} {n.Alone}"))}.");
        foreach (var line in trials.Wrong)
        {
            Console.WriteLine($"- {line}");
        }
    }
}
