using System.Globalization;
using JollyBarn.Inspection;
using JollyBarn.Telling.Phrases;

namespace JollyBarn.Telling.Rules;

/// <summary>What is said of the loads of a circuit, what is lost along it and what opens it.</summary>
internal static class LoadWords
{
    private const int MostNamed = 3;
    private const string Share = "{share:0} % of {rating:0} = {most:0.0} A";

    public static RuleWords[] All =>
        [
            new("load", "Load", "An overloaded circuit heats every joint in it before the breaker opens.")
            {
                {
                    "Over",
                    new("Loads of {circuit} come to {least:0.0} A on a {rating:0} A breaker.")
                    {
                        Sum = new(f => $"{Loads(f)} = {f.Text("least", "0.0")} A; {f.Text("rating", "0")} A at most"),
                        Mend = "Move {watts:0} W or more to another circuit.",
                    }
                },
                {
                    "Within",
                    new("Loads of {circuit}: {least:0.0} A of {rating:0} A.")
                    {
                        Sum = new(f => $"{(Loads(f) is { Length: > 0 } sum ? sum : "0")} = {f.Text("least", "0.0")} A"),
                    }
                },
                {
                    "AskMore",
                    new Words(
                        new Line(f =>
                            $"Loads of {f["circuit"]} that are known: {f.Text("least", "0.0")} A of "
                            + $"{f.Text("rating", "0")} A{Long(f)}. What else hangs on it?"
                        )
                    )
                    {
                        Sum = new(f => Loads(f) is { Length: > 0 } sum ? $"{sum} = {f.Text("least", "0.0")} A" : ""),
                    }
                },
            },
            new("load-cord", "One plugged-in load", "It leaves nothing for what else is plugged in.")
            {
                { "Within", "At the {outlet}: {amperes:0.0} A, {most:0.0} at most." },
                { "AskHow", "At the {outlet} {amperes:0.0} A are taken: by cord and plug?" },
                {
                    "Over",
                    new("At the {outlet} {amperes:0.0} A are taken by cord; {most:0.0} A at most on a shared {rating:0} A circuit.")
                    {
                        Sum = Share,
                        Mend = "Use no more than {watts:0} W there, or give it a circuit of its own.",
                    }
                },
            },
            new("load-fixed", "Loads fastened in place", "It leaves too little for the lights and receptacles beside it.")
            {
                {
                    "Over",
                    new(
                        "What is fastened in place takes {amperes:0.0##} A of {circuit}; {most:0.0##} A at most "
                            + "beside lights or receptacles."
                    )
                    {
                        Sum = Share,
                        Mend = "Move {watts:0} W or more of it to a circuit of its own.",
                    }
                },
                { "AskMore", "What is known to be fastened in place takes {amperes:0.0} A of {most:0.0}: is anything else?" },
                { "Within", "What is fastened in place takes {amperes:0.0} A of {most:0.0}." },
            },
            new("purpose-rating", "Rating of a circuit with a purpose", "A kettle and a toaster together open a smaller one.")
            {
                { "Enough", "{rating:0} A for {purpose}." },
                { "ThickEnough", TooSmall("Every cable recorded is 12 AWG or thicker: a licensed electrician may put in a 20 A breaker.") },
                {
                    "ThinPieces",
                    TooSmall(new Line(f => $"A 20 A breaker wants 12 AWG all the way: {Thin(f)} thinner or not known. Else a new circuit."))
                },
            },
            new("drop", "Voltage drop", "Motors run hot and lamps dim at the far end of a long thin circuit.")
            {
                { "Over", Drop("At {amperes:0.#} A, the {outlet} loses {share:0.0} %; {limit:0.#} % is what one keeps to.") },
                {
                    "AtLeastOver",
                    Drop("At {amperes:0.#} A, the {outlet} loses at least {share:0.0} %; {limit:0.#} % is what one keeps to.")
                },
                {
                    "Within",
                    new("At {amperes:0.#} A, the {outlet} loses {share:0.0} %.") { Sum = Lost }
                },
                { "AskWay", new Words(new Line(f => $"How much is lost as far as the {f["outlet"]} cannot be told: {Unmeasured(f)}")) },
            },
            new("fault-current", "Least fault current", "Until the breaker opens, all the metal of the circuit is live.")
            {
                { "ByHeatOnly", ByHeat("") },
                { "ByHeatOnlyAtMost", ByHeat("at most ") },
                {
                    "AskWay",
                    new Words(
                        new Line(f =>
                            $"Whether hot on ground at the {f["outlet"]} opens the breaker at once cannot be told: {Unmeasured(f)}"
                        )
                    )
                },
                {
                    "AtOnce",
                    new("Hot on ground at the {outlet} draws {amperes:0} A: the breaker opens at once.") { Sum = Times }
                },
                {
                    "Perhaps",
                    new(
                        "Hot on ground at the {outlet} draws {amperes:0} A: the breaker opens perhaps at once, in "
                            + "{seconds:0.0} s at the latest."
                    )
                    {
                        Sum = Times,
                    }
                },
            },
        ];

    private static Line Lost => "{amperes:0.#} A × {ohms:0.000} Ω = {volts:0.0} V of {leg:0} V = {share:0.0} %";

    private static Line Times => "{amperes:0} A = {times:0.0} × {rating:0} A; at once from {from:0} to {surely:0} times";

    private static string Loads(Filling f)
    {
        var (loads, lasting) = (f.Get<Amounts>("loads")?.Each ?? [], f.Get<Flags>("long")?.Each ?? []);
        return string.Join(
            " + ",
            loads.Zip(lasting, (a, l) => $"{a.ToString("0.0", CultureInfo.InvariantCulture)}{(l ? $" × {f.Text("more", "0.00")}" : "")}")
        );
    }

    private static string Long(Filling f) =>
        f.Get<Flags>("long")?.Each.Any(l => l) == true
            ? $", long ones at {(f.Get<decimal>("more") * 100).ToString("0", CultureInfo.InvariantCulture)} %"
            : "";

    private static Words TooSmall(Line mend) =>
        new("{circuit} is for {purpose} and has {rating:0} A; {asked:0} A are asked.") { Mend = mend };

    private static string Thin(Filling f)
    {
        var (first, more) = f.Listed("thin", MostNamed);
        var named = string.Join(", ", first);
        return more > 0 ? $"{named} and {more} more are" : $"{named} {(first.Count > 1 ? "are" : "is")}";
    }

    private static Words Drop(string says) =>
        new(says)
        {
            Sum = Lost,
            Mend = new(f => f.Has("thicker") ? $"One gauge thicker all the way it would lose {f.Text("thicker", "0.0")} %." : ""),
        };

    private static Words ByHeat(string most) =>
        new($"Hot on ground at the {{outlet}} draws {most}{{amperes:0}} A: the breaker opens by heat only, which may take {{seconds:0}} s.")
        {
            Sum = Times,
            Mend = "A thicker ground and hot, a shorter way, or a ground-fault breaker, which opens on far less.",
        };

    private static string Unmeasured(Filling f)
    {
        if (f.Has("unseen"))
        {
            return $"{f["unseen"]} comes from where nobody has looked, or its gauge is not known.";
        }

        var (first, more) = f.Listed("unmeasured", MostNamed);
        return $"how long is {string.Join(", and ", first)}{(more > 0 ? $", and {more} more" : "")}?";
    }
}
