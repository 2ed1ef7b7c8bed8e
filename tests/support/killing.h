// A process that is killed in the middle of its work.
#pragma once

#include <QThread>

#include <csignal>
#include <functional>
#include <sys/wait.h>
#include <unistd.h>

namespace ink::test {

/// Does `work` over and over in a process of its own and kills it `after_us` after the work was done `times`.
/// False when it could not be started, or ended by itself: `work` said false.
///
/// The process tells when it has done the work, because how long that takes, and how long a process takes to
/// begin, differs a hundredfold between machines and with sanitizers.
inline bool killedWhile(const std::function<bool()>& work, int times, unsigned after_us)
{
    int ends[2];
    if (pipe(ends) != 0)
        return false;
    const pid_t child = fork();
    if (child == 0) {
        while (work() && write(ends[1], "d", 1) == 1)
            ;
        _exit(1);
    }
    close(ends[1]);
    bool reached = child > 0;
    for (int i = 0; i < times && reached; ++i) {
        char done = 0;
        reached = read(ends[0], &done, 1) == 1; // zero when the process has ended
    }
    if (reached)
        QThread::usleep(after_us);
    int status = 0;
    const bool killed =
        child > 0 && kill(child, SIGKILL) == 0 && waitpid(child, &status, 0) == child && WIFSIGNALED(status);
    close(ends[0]);
    return reached && killed;
}

} // namespace ink::test
