using System.Numerics;

namespace JollyBarn.Electrics;

/// <summary>A linear network: nodes joined by admittances, with currents driven into nodes. Node 0 is the earth, at 0 V.</summary>
/// <remarks>A source is its Norton form: an admittance and a current. Phasors are RMS volts and amperes.</remarks>
public sealed class Network
{
    private readonly List<Branch> branches = [];
    private readonly List<(int Node, Complex Amperes)> driven = [];

    /// <summary>The node all potentials are told against.</summary>
    public const int Earth = 0;

    /// <summary>Nodes, the earth among them.</summary>
    public int Nodes { get; private set; } = 1;

    public IReadOnlyList<Branch> Branches => branches;

    /// <summary>Currents driven into nodes, A.</summary>
    public IReadOnlyList<(int Node, Complex Amperes)> Driven => driven;

    /// <summary>Current driven into a node, A.</summary>
    internal Complex DrivenInto(int node)
    {
        var sum = Complex.Zero;
        foreach (var (at, amperes) in driven)
        {
            if (at == node)
            {
                sum += amperes;
            }
        }

        return sum;
    }

    /// <summary>A new node; its number.</summary>
    public int Add() => Nodes++;

    /// <summary>Joins two nodes; the number of the branch.</summary>
    /// <param name="admittance">S; its real part is never negative.</param>
    public int Join(int from, int to, Complex admittance)
    {
        ArgumentOutOfRangeException.ThrowIfGreaterThanOrEqual(Math.Max(from, to), Nodes);
        if (!Complex.IsFinite(admittance) || admittance.Real < 0)
        {
            throw new ArgumentOutOfRangeException(nameof(admittance), "An admittance here is finite and takes power, never gives it.");
        }

        branches.Add(new(from, to, admittance));
        return branches.Count - 1;
    }

    /// <summary>A source of so many volts, <paramref name="to"/> above <paramref name="from"/>, behind an impedance, Ω; the number of its
    /// branch.</summary>
    public int Source(int from, int to, Complex volts, Complex ohms)
    {
        var branch = Join(from, to, 1 / ohms);
        driven.Add((to, volts / ohms));
        driven.Add((from, -volts / ohms));
        return branch;
    }

    /// <summary>Drives a current into a node, A.</summary>
    public void Drive(int node, Complex amperes) => driven.Add((node, amperes));

    /// <summary>The same network with one branch taking another admittance.</summary>
    public void Set(int branch, Complex admittance) => branches[branch] = branches[branch] with { Admittance = admittance };

    /// <summary>Potentials of all nodes.</summary>
    public Solved Solve() => Solved.Solve(this);
}

/// <param name="Admittance">S.</param>
public readonly record struct Branch(int From, int To, Complex Admittance);
