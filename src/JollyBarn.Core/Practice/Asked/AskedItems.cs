using System.Globalization;
using JollyBarn.CodeBook;
using JollyBarn.Measures;

namespace JollyBarn.Practice.Asked;

/// <summary>Makes questions from the code book, the catalogues and the house's practice; none of the answers stands here.</summary>
public static class AskedItems
{
    private const int Options = 4;

    /// <summary>Numbers that everybody who opens a box needs; the others come from the third level on.</summary>
    private static readonly string[] Daily =
    [
        "box.setback",
        "box.gap",
        "cable.sheath",
        "cable.fastener",
        "cable.fastener.free",
        "cable.spacing",
        "cable.edge",
        "lead.free",
        "lead.reach",
        "lead.opening",
        "fill.allowance.14",
        "fill.allowance.12",
        "fill.allowance.10",
        "fill.device",
        "fill.clamps",
    ];

    private static readonly decimal[] Breakers = [15, 20, 30, 40, 60];
    private static readonly int[] Wires = [14, 12, 10, 8, 6];

    /// <summary>A question of sizes and choices.</summary>
    /// <param name="only">The skill it is to ask for; null where any of them may be.</param>
    public static AskedItem Size(int seed, int level, Edition edition, Skill? only = null)
    {
        var random = new Random(Seeds.Mixed(seed, level, 100 + (int)edition));
        (Skill Skill, Func<AskedItem?> Make)[] kinds =
        [
            (Skill.KnowNumbers, () => Number(random, level)),
            (Skill.KnowNumbers, () => Number(random, level)),
            (Skill.KnowWire, () => Thinnest(AskedKind.WireFor, "wire.cu", random)),
            (Skill.KnowWire, () => Thinnest(AskedKind.GroundFor, "ground", random)),
            (Skill.KnowConnectors, () => Connector(random, level)),
            (Skill.KnowBoxes, () => Box(random, random.Next(), level, edition)),
            (Skill.KnowNumbers, () => Lead(random, Book())),
            (Skill.KnowHouse, () => House(random)),
            (Skill.KnowMaking, () => MakeItems.Make(random.Next(), level, edition)),
        ];
        var fit = only is { } skill ? [.. kinds.Where(k => k.Skill == skill)] : kinds[..(level == 1 ? 4 : kinds.Length)];
        while (true)
        {
            if (fit[random.Next(fit.Length)].Make() is { } made)
            {
                return made with { Seed = seed, Level = level, Edition = edition };
            }
        }

        LimitTable Book() => LimitTable.For(CodeProfile.Default with { Edition = edition });

        AskedItem? Number(Random r, int at)
        {
            var all = Book().All.Where(l => at > 2 ? Asks(l) : Daily.Contains(l.Key)).ToList();
            var limit = all[r.Next(all.Count)];
            var near = Book()
                .All.Where(l => l.Unit == limit.Unit)
                .Select(l => l.Value)
                .Concat([limit.Value / 2, limit.Value * 2, limit.Value + 1])
                .Where(v => v != limit.Value && v >= 0)
                .Distinct()
                .OrderBy(v => Math.Abs(v - limit.Value))
                .Take(6)
                .Select(Text);
            return Chosen(AskedKind.Number, limit.Key, Text(limit.Value), [.. near], r);
        }

        AskedItem? Thinnest(AskedKind kind, string rows, Random r)
        {
            var amperes = Breakers[r.Next(Breakers.Length)];
            bool Enough(int awg) => Book().Has($"{rows}.{awg}") && Book().Number($"{rows}.{awg}") >= amperes;
            return Array.Exists(Wires, Enough)
                ? Chosen(
                    kind,
                    rows,
                    Text(Wires.First(Enough)),
                    [.. Wires.Where(w => w != Wires.First(Enough)).Select(w => Text(w))],
                    r
                ) with
                {
                    Amperes = amperes,
                }
                : null;
        }
    }

    /// <summary>A saying, and what it is worth.</summary>
    public static AskedItem Heard(int seed, int level, Edition edition)
    {
        var all = Enum.GetValues<Saying>();
        var random = new Random(Seeds.Mixed(seed, level, 200 + (int)edition));
        var judged = Sayings.Judge(all[random.Next(all.Length)], edition);
        var options = Enum.GetValues<Truth>();
        return new(
            seed,
            level,
            edition,
            AskedKind.Saying,
            judged.Saying.ToString(),
            [.. options.Select(o => o.ToString())],
            Array.IndexOf(options, judged.Truth)
        )
        {
            Judged = judged,
        };
    }

    /// <summary>Numbers of the code: not what a house sets, nor where a program draws its own lines.</summary>
    private static bool Asks(Limit limit) =>
        limit.Article != "practice" && limit.Unit is "in" or "A" or "%" or "lb" or "in³" or "allowances";

    private static AskedItem Connector(Random random, int level)
    {
        var gauges = level < 3 ? [random.Next(2) == 0 ? 14 : 12] : new[] { 14, 12, 10 };
        Gauge[] leads = [.. Enumerable.Range(0, random.Next(2, 6)).Select(_ => Gauge.Awg(gauges[random.Next(gauges.Length)])).Order()];
        var sizes = ConnectorKinds.All.Where(k => k.Style == ConnectorStyle.TwistOn).Select(k => k.Id).ToList();
        var right = ConnectorKinds.TwistOnFor([.. leads.Select(g => (Gauge?)g)]).Id;
        return new AskedItem(0, level, default, AskedKind.ConnectorFor, "", sizes, sizes.IndexOf(right)) { Leads = leads };
    }

    /// <summary>A box for what a counting drill holds: the smallest of some that takes it.</summary>
    private static AskedItem? Box(Random random, int seed, int level, Edition edition)
    {
        var inside = FillDrills.Make(seed, Math.Min(level, 3), edition);
        var kinds = BoxKinds
            .All.Where(k => k is { Volume: not null, Material: BoxMaterial.Nonmetallic, Shape: BoxShape.Device })
            .OrderBy(k => k.Volume)
            .ToList();
        var at = kinds.FindIndex(k => k.Volume!.Value.CubicInches >= inside.Needed);
        return at < 1
            ? null
            : Chosen(
                AskedKind.BoxFor,
                "",
                kinds[at].Id,
                [.. kinds.Where((k, i) => Math.Abs(i - at) <= 4 && k.Volume != kinds[at].Volume).Select(k => k.Id)],
                random
            ) with
            {
                Inside = inside,
            };
    }

    private static AskedItem Lead(Random random, LimitTable book)
    {
        var deep = random.Next(4, 23) / 4m;
        var right = Math.Max(book.Number("lead.free"), deep + book.Number("lead.reach"));
        return Chosen(
            AskedKind.LeadFor,
            "lead.free",
            Text(right),
            [
                Text(deep + book.Number("lead.free")),
                Text(deep + book.Number("lead.reach")),
                Text(book.Number("lead.free")),
                Text(right + 2),
                "8",
            ],
            random
        ) with
        {
            Deep = deep,
        };
    }

    private static AskedItem House(Random random)
    {
        var question = PracticeBook.Questions[random.Next(PracticeBook.Questions.Count)];
        var choices = question.Choices.Select(c => c.Value).ToList();
        return new(0, 0, default, AskedKind.House, question.Key, choices, choices.IndexOf(HousePractice.Default.Answer(question)));
    }

    /// <summary>The right one among some of the wrong ones, in no order that tells.</summary>
    internal static AskedItem Chosen(AskedKind kind, string of, string right, IReadOnlyList<string> wrong, Random random)
    {
        var others = wrong.Where(w => w != right).Distinct().ToArray();
        random.Shuffle(others);
        string[] all = [right, .. others.Take(Options - 1)];
        random.Shuffle(all);
        return new(0, 0, default, kind, of, all, Array.IndexOf(all, right));
    }

    internal static string Text(decimal number) => number.ToString("0.####", CultureInfo.InvariantCulture);
}
