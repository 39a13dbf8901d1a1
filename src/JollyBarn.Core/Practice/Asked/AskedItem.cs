using JollyBarn.CodeBook;
using JollyBarn.Measures;

namespace JollyBarn.Practice.Asked;

/// <summary>What is asked.</summary>
public enum AskedKind
{
    /// <summary>A number of the code book.</summary>
    Number,

    /// <summary>The thinnest copper a breaker lets be used.</summary>
    WireFor,

    /// <summary>The thinnest copper ground of a circuit.</summary>
    GroundFor,

    /// <summary>The smallest twist-on that takes some leads.</summary>
    ConnectorFor,

    /// <summary>The smallest box that holds what is described.</summary>
    BoxFor,

    /// <summary>How long a lead must be, from where it leaves its sheath.</summary>
    LeadFor,

    /// <summary>How the house does it.</summary>
    House,

    /// <summary>What a saying is worth.</summary>
    Saying,

    /// <summary>What a tester shows at a fault that is told.</summary>
    TesterShows,

    /// <summary>What is behind what a tester shows.</summary>
    TesterBehind,

    /// <summary>Which test tells most of what may be wrong.</summary>
    TesterNext,

    /// <summary>How much is stripped.</summary>
    Strip,

    /// <summary>What colour a wire may have.</summary>
    Colour,

    /// <summary>What comes first when a box is made up.</summary>
    FirstStep,
}

/// <summary>A question with answers to choose from.</summary>
/// <param name="Of">What it is about: key of the number or the house's question, or the saying.</param>
/// <param name="Options">Answers as the book writes them: a number, a gauge, the id of a connector or box, a school, a truth.</param>
/// <param name="Right">Which of them.</param>
public sealed record AskedItem(int Seed, int Level, Edition Edition, AskedKind Kind, string Of, IReadOnlyList<string> Options, int Right)
{
    /// <summary>A, of the breaker that is asked about.</summary>
    public decimal Amperes { get; init; }

    /// <summary>Gauges of the leads a connector is asked for.</summary>
    public IReadOnlyList<Gauge> Leads { get; init; } = [];

    /// <summary>The box a box is asked for.</summary>
    public FillDrill? Inside { get; init; }

    /// <summary>How far behind the opening a lead leaves its sheath, in inches.</summary>
    public decimal Deep { get; init; }

    /// <summary>What shows what a saying is worth.</summary>
    public SayingJudged? Judged { get; init; }

    /// <summary>The instrument and what it is held at.</summary>
    public Tested? Tested { get; init; }

    /// <summary>The wire whose colour is asked.</summary>
    public AskedColour? Coloured { get; init; }

    /// <summary>The steps whose order is asked.</summary>
    public AskedOrder? Order { get; init; }

    public Skill Skill =>
        Kind switch
        {
            AskedKind.Number or AskedKind.LeadFor => Skill.KnowNumbers,
            AskedKind.WireFor or AskedKind.GroundFor => Skill.KnowWire,
            AskedKind.ConnectorFor => Skill.KnowConnectors,
            AskedKind.BoxFor => Skill.KnowBoxes,
            AskedKind.House => Skill.KnowHouse,
            AskedKind.TesterShows => Skill.TesterShows,
            AskedKind.TesterBehind => Skill.TesterBehind,
            AskedKind.TesterNext => Skill.TesterNext,
            AskedKind.Strip or AskedKind.Colour or AskedKind.FirstStep => Skill.KnowMaking,
            _ => Skill.KnowSayings,
        };
}
