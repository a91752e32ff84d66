using System.Diagnostics;

namespace Antiphon.Benchmarks;

/// <summary>Measures several acts in turns, so that a disturbance of the machine meets all of them alike, and keeps the best time of each.</summary>
internal sealed class Race
{
    private readonly List<(string Name, Action Act)> _acts = [];
    private readonly Dictionary<string, double> _best = [];

    /// <summary>Adds an act.</summary>
    public Race With(string name, Action act)
    {
        _acts.Add((name, act));
        return this;
    }

    /// <summary>Runs every act so often, after a tenth of it to warm up.</summary>
    public Race Run(int rounds)
    {
        for (var round = -rounds / 10; round < rounds; round++)
        {
            foreach (var (name, act) in _acts)
            {
                var start = Stopwatch.GetTimestamp();
                act();
                var time = Stopwatch.GetElapsedTime(start).TotalMilliseconds;
                if (round >= 0)
                    _best[name] = Math.Min(_best.GetValueOrDefault(name, double.MaxValue), time);
            }
        }

        return this;
    }

    /// <summary>Best time of one act over that of another.</summary>
    public double Ratio(string name, string reference) => _best[name] / _best[reference];
}
